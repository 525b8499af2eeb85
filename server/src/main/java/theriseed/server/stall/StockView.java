package theriseed.server.stall;

import java.math.BigDecimal;
import java.util.List;

/**
 * What is left of a lot, and where the rest went. Grams.
 *
 * @param bulk clean seed that is not packed
 * @param reserved of it kept for the farm's own sowing, and {@code promised} to somebody
 * @param free of it may be packed or sold
 * @param packets still here; {@code packetsFree} of them are promised to nobody
 * @param bulkSold by weight; {@code brought} what all sales together did
 * @param takings what was taken for other than a sale
 */
public record StockView(
        BigDecimal bulk,
        BigDecimal reserved,
        BigDecimal promised,
        BigDecimal free,
        int packets,
        int packetsFree,
        int packetsSold,
        BigDecimal bulkSold,
        BigDecimal brought,
        List<PackingRunView> runs,
        List<TakingView> takings) {
    /** Whether anything is left. */
    public boolean any() {
        return bulk.signum() > 0 || packets > 0;
    }

    /** Whether anybody has some. */
    public boolean anySold() {
        return packetsSold > 0 || bulkSold.signum() > 0;
    }
}
