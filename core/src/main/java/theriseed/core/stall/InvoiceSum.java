package theriseed.core.stall;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import theriseed.core.measure.Range;

/**
 * What an invoice comes to. Which taxes a farm has to put on it, and whether its prices hold them, is the farm's to say: the
 * law of its place decides. Amounts to the hundredth, half up; net and taxes close to what is to be paid.
 *
 * @param net before taxes
 * @param taxes each in the order given
 * @param toPay in all
 */
public record InvoiceSum(BigDecimal net, List<Amount> taxes, BigDecimal toPay) {
    private static final int CENTS = 2;
    private static final int PRECISE = 12;

    /** @param percent of the net amount, 0 to 100 */
    public record Tax(String name, BigDecimal percent) {
        public Tax {
            Range.of(0, 100, "%").check("percent", percent);
        }
    }

    /** What a tax comes to. */
    public record Amount(Tax tax, BigDecimal amount) {}

    /**
     * @param goods what all of it was agreed at, 0 or more
     * @param within whether those prices hold the taxes already
     */
    public static InvoiceSum of(BigDecimal goods, List<Tax> taxes, boolean within) {
        Range.of(0, 1e9, "").check("goods", goods);
        BigDecimal percents = taxes.stream().map(Tax::percent).reduce(BigDecimal.ZERO, BigDecimal::add);
        BigDecimal all = goods.setScale(CENTS, RoundingMode.HALF_UP);
        BigDecimal base = within
                ? goods.divide(BigDecimal.ONE.add(percents.movePointLeft(2)), PRECISE, RoundingMode.HALF_UP)
                : goods;
        List<Amount> amounts = new ArrayList<>();
        BigDecimal sum = BigDecimal.ZERO;
        for (Tax tax : taxes) {
            BigDecimal amount = base.multiply(tax.percent()).movePointLeft(2).setScale(CENTS, RoundingMode.HALF_UP);
            amounts.add(new Amount(tax, amount));
            sum = sum.add(amount);
        }
        return within ? new InvoiceSum(all.subtract(sum), amounts, all) : new InvoiceSum(all, amounts, all.add(sum));
    }
}
