package theriseed.server.mix;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import theriseed.core.lot.Finding;
import theriseed.core.seedroom.SeedMix;
import theriseed.server.base.Maybe;
import theriseed.server.stall.SaleKind;

/**
 * A mix as it stands. Grams.
 *
 * @param seedsPerSquareMetre of all parts; absent where nobody said, then so is {@code gramsPerSquareMetre}
 * @param of its parts by weight and by seed; absent where a test of one of them no longer counts
 * @param mayBeSold whether it is not on hold and every part of it may be sold
 * @param bulk not packed, and {@code packets} here
 * @param bulkSold of it without packets; {@code brought} by all its sales
 * @param sales the newest, newest first
 */
public record MixView(
        UUID id,
        int version,
        String number,
        String name,
        LocalDate mixedOn,
        String note,
        @Maybe Integer seedsPerSquareMetre,
        @Maybe Double gramsPerSquareMetre,
        @Maybe String onHold,
        boolean mayBeSold,
        List<MixPart> parts,
        @Maybe SeedMix of,
        BigDecimal mass,
        BigDecimal bulk,
        int packets,
        BigDecimal bulkSold,
        BigDecimal brought,
        List<MixPacked> packings,
        List<MixSold> sales,
        String recordedBy) {

    /**
     * A part of it.
     *
     * @param id of what was withdrawn from the lot
     * @param germination percent, as last reported; absent where no test of it counts
     * @param treated whether it was, or was grown from seed that was
     * @param holding what holds its lot back now
     */
    public record MixPart(
            UUID id,
            int version,
            String lot,
            String variety,
            String crop,
            int season,
            BigDecimal mass,
            @Maybe Integer germination,
            @Maybe LocalDate testedOn,
            boolean treated,
            List<Finding> holding) {}

    /** Packets of it filled on one day. @param grams in each, {@code left} of them here */
    public record MixPacked(
            UUID id,
            int version,
            LocalDate packedOn,
            BigDecimal grams,
            int packets,
            int left,
            BigDecimal price,
            int sowBy,
            String recordedBy) {}

    /** Some of it that is with a customer. */
    public record MixSold(
            UUID id,
            int version,
            String customer,
            SaleKind kind,
            LocalDate soldOn,
            @Maybe UUID packingId,
            @Maybe Integer packets,
            @Maybe BigDecimal bulk,
            BigDecimal price,
            String note,
            String recordedBy) {}
}
