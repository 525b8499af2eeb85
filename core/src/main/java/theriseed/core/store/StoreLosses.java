package theriseed.core.store;

import theriseed.core.measure.Chance;
import theriseed.core.measure.Range;

/**
 * How fast a store loses its roots, from one look at it. Rot spreads in clumps and quickens towards spring: calculate again
 * from what is sound at every look.
 *
 * @param share thrown out; {@code upper} its exact 95 % upper limit
 * @param rate of loss a day; {@code upperRate} from the upper limit
 */
public record StoreLosses(double share, double upper, double rate, double upperRate) {
    /** Rates that a store may have, a day. */
    static final Range RATE = Range.of(0, 0.2, "per day");

    private static final double CONFIDENCE = 0.95;

    /**
     * @param thrownOut of those looked at, fewer than all
     * @param days since they were put in or last looked at
     */
    public static StoreLosses of(int thrownOut, int lookedAt, double days) {
        Range.of(1, 1e6, "roots").check("n", lookedAt);
        Range.below(0, lookedAt, "roots").check("x", thrownOut);
        Range.above(0, 400, "days").check("days", days);
        double share = thrownOut / (double) lookedAt;
        double upper = Chance.upperLimit(thrownOut, lookedAt, CONFIDENCE);
        return new StoreLosses(share, upper, -Math.log(1 - share) / days, -Math.log(1 - upper) / days);
    }

    /**
     * Sound roots to expect at each look.
     *
     * @param putIn at the beginning; {@code startLoss} the share lost at once, 0 to below 1
     * @param checks days of the looks, counted from the beginning, rising
     * @param rates of loss a day before each
     */
    public static double[] path(double putIn, double startLoss, double[] checks, double[] rates) {
        Range.of(1, 1e6, "roots").check("n0", putIn);
        Range.below(0, 1, "").check("start_loss", startLoss);
        Range.of(checks.length, checks.length, "rates").check("rates", rates.length);
        double[] sound = new double[checks.length];
        double left = putIn * (1 - startLoss);
        double before = 0;
        for (int i = 0; i < checks.length; i++) {
            Range.above(before, 400, "days").check("checks[" + i + "]", checks[i]);
            left *= Math.exp(-RATE.check("rates[" + i + "]", rates[i]) * (checks[i] - before));
            before = checks[i];
            sound[i] = left;
        }
        return sound;
    }
}
