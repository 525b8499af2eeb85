package theriseed.server.stall;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.UUID;
import theriseed.server.base.Maybe;

/**
 * A packing run as asked for: by count or by weight.
 *
 * @param seeds a packet promises, or null when it goes by weight
 * @param grams a packet promises, or null when it goes by count
 * @param packets wanted, or null for as many as the bulk fills
 * @param reserve grams kept back
 * @param price a packet
 */
public record Packing(
        LocalDate packedOn, Integer seeds, BigDecimal grams, Integer packets, BigDecimal reserve, BigDecimal price) {

    /**
     * What a packing run comes to.
     *
     * @param fill grams to put in each packet
     * @param meanCount seeds in a packet on average, when it goes by count
     * @param overfill percent given on top of the label
     * @param purity percent; taken until it is tested
     */
    public record Plan(
            UUID lotId,
            BigDecimal bulk,
            double fill,
            @Maybe Double meanCount,
            double overfill,
            int packets,
            double leftOver,
            double purity,
            boolean purityTested,
            double confidence) {}
}
