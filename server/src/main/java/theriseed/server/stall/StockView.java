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
        List<PackingRunView> runs,
        List<SaleView> sales,
        List<TakingView> takings) {
    /** Whether anything is left. */
    public boolean any() {
        return bulk.signum() > 0 || packets > 0;
    }

    /** The same without who had the rest. */
    public StockView withoutSales() {
        return new StockView(
                bulk, reserved, promised, free, packets, packetsFree, packetsSold, runs, List.of(), List.of());
    }
}
