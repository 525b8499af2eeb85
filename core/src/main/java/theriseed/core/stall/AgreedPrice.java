package theriseed.core.stall;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import theriseed.core.measure.Range;

/** One price that was agreed for several things at once, less than they would have brought by their prices. */
public final class AgreedPrice {
    private static final int CENTS = 2;

    private AgreedPrice() {}

    /**
     * What each of them brings: a share in proportion to its price, to the hundredth, together exactly what was agreed.
     *
     * @param prices of each, 0 or more
     * @param agreed in all, from 0 to their sum
     */
    public static List<BigDecimal> shares(List<BigDecimal> prices, BigDecimal agreed) {
        BigDecimal whole = prices.stream().reduce(BigDecimal.ZERO, BigDecimal::add);
        Range.of(0, whole.doubleValue(), "in all").check("price", agreed);
        List<BigDecimal> shares = new ArrayList<>();
        BigDecimal left = agreed;
        BigDecimal open = whole;
        for (BigDecimal price : prices) {
            BigDecimal share = open.signum() == 0
                    ? BigDecimal.ZERO
                    : left.multiply(price)
                            .divide(open, CENTS, RoundingMode.HALF_UP)
                            .min(price);
            shares.add(share);
            left = left.subtract(share);
            open = open.subtract(price);
        }
        return shares;
    }
}
