package theriseed.server.family;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import theriseed.core.crop.Grade;
import theriseed.core.lot.SeedGeneration;
import theriseed.server.base.Maybe;
import theriseed.server.lot.Origin;

/**
 * Where seed of a lot came from and where it went, through all generations on this farm. Grams.
 *
 * @param lots it, all it came of and all that came of it, oldest first
 * @param elsewhere seed from elsewhere at the beginning of it
 * @param standing plantings that were sown with some of it and have no lot yet
 * @param sown what was sown between them, and {@code transferred}
 * @param mixes that hold seed of what may carry its seed
 * @param left what left these lots for others by itself, together for each lot
 * @param customers who have some of what may carry its seed
 * @param packets that they have, and {@code bulk}
 */
public record FamilyView(
        String number,
        String variety,
        List<Member> lots,
        List<Bought> elsewhere,
        List<Standing> standing,
        List<Sown> sown,
        List<Transferred> transferred,
        List<Mixed> mixes,
        List<Left> left,
        int customers,
        long packets,
        BigDecimal bulk) {

    /**
     * A lot of the family.
     *
     * @param carries whether it may carry seed of the lot; else that lot came of it
     * @param here whether some of it is here, or it is still at work
     * @param ground it grew on, and {@code pickedOn} the first day; absent for lots that came of others, or are empty
     * @param picks what was picked into it, where plants were told apart
     * @param onHold why it is on hold
     */
    public record Member(
            String number,
            Origin origin,
            String variety,
            int season,
            Grade grade,
            SeedGeneration generation,
            boolean carries,
            boolean here,
            @Maybe String ground,
            @Maybe LocalDate pickedOn,
            int plants,
            List<String> picks,
            BigDecimal bulk,
            long packets,
            @Maybe String onHold) {}

    /** Seed from elsewhere. @param to the lots that came of it */
    public record Bought(
            UUID id,
            String supplier,
            String theirNumber,
            @Maybe Integer grownIn,
            @Maybe BigDecimal mass,
            LocalDate sownOn,
            List<String> to) {}

    /** A planting without a lot. */
    public record Standing(UUID plantingId, String variety, String ground, int season) {}

    /** Seed of a lot that was sown. @param to the lots that came of it; {@code standing} the planting, where there is none yet */
    public record Sown(
            String from,
            BigDecimal mass,
            LocalDate on,
            List<String> to,
            @Maybe UUID standing) {}

    /** Seed that was transferred from lot to lot. */
    public record Transferred(String from, String to, BigDecimal mass, LocalDate on) {}

    /**
     * A mix with seed of the family in it.
     *
     * @param from which lots of it, and how much of each
     * @param packets of it with others, and {@code bulk} grams
     * @param packetsHere of it that are here, and {@code bulkHere} grams
     */
    public record Mixed(
            String number,
            String name,
            LocalDate mixedOn,
            List<Into> from,
            @Maybe String onHold,
            int packets,
            BigDecimal bulk,
            int packetsHere,
            BigDecimal bulkHere) {}

    /** Seed of a lot in a mix. */
    public record Into(String number, BigDecimal mass) {}

    /** What of a lot is with others. */
    public record Left(String number, long packets, BigDecimal bulk, LocalDate lastOn, int customers) {}

    /**
     * Who has some of a lot, by all that went to them.
     *
     * @param mix in which they got it, its share of that as grams; absent where it was by itself
     * @param lastOn day on which they got the last of it
     * @param told when they were told of the recall last, since they got the last of it
     */
    public record Holder(
            UUID customerId,
            String customer,
            String number,
            @Maybe String mix,
            long packets,
            BigDecimal bulk,
            LocalDate firstOn,
            LocalDate lastOn,
            @Maybe ToldView told) {}
}
