package theriseed.server.order;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import theriseed.core.stall.OrderGap;
import theriseed.server.base.Maybe;

/**
 * A line of an order that is short, and what would fill it.
 *
 * @param missing packets or grams
 * @param rest of it that nothing here would fill
 */
public record ShortLine(UUID lineId, BigDecimal missing, List<Filling> ways, BigDecimal rest) {
    /**
     * Something that would fill some of it.
     *
     * @param much packets or grams
     * @param seeds in each packet that is to be packed; absent where nothing is packed
     * @param grams of bulk that packing takes; absent where nothing is packed
     * @param by last day on which its test still counts; absent where it has none, or it is only packed
     */
    public record Filling(
            String number,
            OrderGap.Act act,
            BigDecimal much,
            @Maybe Integer seeds,
            @Maybe BigDecimal grams,
            @Maybe LocalDate by) {}
}
