package theriseed.core.stall;

import java.math.BigDecimal;
import java.util.Collection;
import theriseed.core.measure.Range;

/**
 * What the cash box of a stall should hold after a day, and what it does. Money in the farm's currency, exact.
 *
 * @param due for what was sold, gifts and what was let off the price taken out
 * @param difference what was taken, less what is due; below 0 where money is missing
 */
public record CashCount(BigDecimal due, BigDecimal difference) {
    private static final double MOST = 1e6;

    /**
     * Packets that stood on the table at one price.
     *
     * @param along taken along, 0 or more; {@code back} of them came back and {@code given} were gifts, together at most all
     * @param letOff of the price of what was sold, from 0 to all of it
     */
    public record Line(int along, int back, int given, BigDecimal price, BigDecimal letOff) {
        public Line {
            Range.of(0, 1e6, "packets").check("along", along);
            Range.of(0, along, "packets").check("back", back);
            Range.of(0, along - back, "packets").check("given", given);
            Range.of(0, MOST, "").check("price", price);
            Range.of(0, price.doubleValue() * (along - back - given), "").check("letOff", letOff);
        }

        /** Packets that were paid for. */
        public int sold() {
            return along - back - given;
        }

        /** What they brought. */
        public BigDecimal brought() {
            return price.multiply(BigDecimal.valueOf(sold())).subtract(letOff);
        }
    }

    /** What is due for these lines. */
    public static BigDecimal due(Collection<Line> lines) {
        return lines.stream().map(Line::brought).reduce(BigDecimal.ZERO, BigDecimal::add);
    }

    /**
     * @param floatCash change that was in the box before the first sale, 0 or more
     * @param counted cash in the box after the last, 0 or more
     * @param otherwise paid by card or transfer, 0 or more
     */
    public static CashCount of(Collection<Line> lines, BigDecimal floatCash, BigDecimal counted, BigDecimal otherwise) {
        Range.of(0, MOST, "").check("floatCash", floatCash);
        Range.of(0, MOST, "").check("cashCounted", counted);
        Range.of(0, MOST, "").check("paidOtherwise", otherwise);
        BigDecimal due = due(lines);
        return new CashCount(due, counted.add(otherwise).subtract(floatCash).subtract(due));
    }
}
