package theriseed.server.money;

import java.math.BigDecimal;
import java.util.List;
import java.util.UUID;
import theriseed.core.stall.PacketCost;
import theriseed.server.base.Maybe;

/**
 * What a lot cost and what its packets must bring.
 *
 * @param plantingId absent where it came of none
 * @param money absent where it came to nothing
 * @param packets calculated with: those asked for, else those filled
 * @param unsold percent that is never sold, {@code margin} and {@code fees} percent of the price
 * @param price of a packet asked for, else of the last run
 * @param packet absent while the number of packets is not known
 */
public record LotPriceView(
        UUID lotId,
        @Maybe UUID plantingId,
        String number,
        String variety,
        String crop,
        MoneyRatesView rates,
        @Maybe MoneyView money,
        @Maybe Integer packets,
        double unsold,
        double margin,
        double fees,
        @Maybe BigDecimal price,
        @Maybe PacketCost packet,
        List<WorkDoneView> work,
        List<OutlayView> outlays,
        List<ByProductSaleView> byProducts) {}
