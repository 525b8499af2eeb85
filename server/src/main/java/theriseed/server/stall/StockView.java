package theriseed.server.stall;

import java.math.BigDecimal;
import java.util.List;

/** What is left of a lot, and where the rest went. Bulk in grams. */
public record StockView(
        BigDecimal bulk, int packets, int packetsSold, List<PackingRunView> runs, List<SaleView> sales) {}
