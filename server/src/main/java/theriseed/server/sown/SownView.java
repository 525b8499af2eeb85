package theriseed.server.sown;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import theriseed.core.lot.SeedGeneration;
import theriseed.server.base.Maybe;

/**
 * What a planting was sown with, and what it could be.
 *
 * @param season year of its seed
 * @param plannedOn day on which the plan has it sown
 * @param generation of the seed it will give
 * @param proposed lots of its variety of which some is left, the one to take first
 */
public record SownView(
        UUID plantingId,
        String variety,
        String crop,
        String ground,
        int season,
        LocalDate plannedOn,
        int plants,
        SeedGeneration generation,
        SownWith sown,
        List<Proposed> proposed) {

    /**
     * A lot that could be sown.
     *
     * @param bulk grams there are; {@code reserved} of them for own sowing
     * @param germination percent, as last tested
     * @param seeds to sow for a 95 % chance that the plants stand, and {@code grams} that they weigh
     * @param weighed whether a seed's weight is of this lot, else it is the crop's usual
     * @param onHold why it is on hold
     * @param packets that could be sown, by run
     */
    public record Proposed(
            String number,
            int season,
            BigDecimal bulk,
            BigDecimal reserved,
            @Maybe Integer germination,
            int seeds,
            BigDecimal grams,
            boolean weighed,
            @Maybe String onHold,
            List<Run> packets) {}

    /** Packets of a run that are left, grams in each. */
    public record Run(UUID id, LocalDate packedOn, int left, BigDecimal fill) {}
}
