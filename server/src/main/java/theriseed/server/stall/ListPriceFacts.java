package theriseed.server.stall;

import java.math.BigDecimal;
import java.util.UUID;
import theriseed.core.measure.Range;
import theriseed.server.base.Refused;

/**
 * What a list asks for a variety.
 *
 * @param seeds in a packet; null for any packet, and for bulk
 * @param byWeight whether it is for a hundred grams, not for a packet
 * @param price null for the list's share of the price on the packet
 */
public record ListPriceFacts(UUID varietyId, Integer seeds, boolean byWeight, BigDecimal price) {
    public ListPriceFacts {
        if (seeds != null) {
            Range.of(1, 1e6, "seeds").check("seeds", seeds);
            if (byWeight) {
                throw new Refused("seeds", seeds, "price.bulkByWeight");
            }
        }
        if (price != null) {
            Range.of(0, 1e4, byWeight ? "for 100 g" : "a packet").check("price", price);
        }
    }
}
