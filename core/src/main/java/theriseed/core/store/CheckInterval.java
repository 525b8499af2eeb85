package theriseed.core.store;

import theriseed.core.measure.Range;

/**
 * How often to look at a store, weighing the work of a look against what rot infects meanwhile. As good as the guesses it
 * is made from; a warm spell calls for a look at once.
 *
 * <p>Square-root trade-off, after the inspection models of Barlow and Proschan (1965).
 *
 * @param best days
 * @param days the same, not below 3 nor above 30
 * @param dailyCost at the best
 */
public record CheckInterval(double best, double days, double dailyCost) {
    private static final double SHORTEST = 3;
    private static final double LONGEST = 30;

    /**
     * @param check cost of a look, above 0
     * @param roots in store
     * @param rate of loss a day, above 0 to 0.2
     * @param spread roots infected by a rotten one in a day, above 0
     * @param value of a root, in the money of the check
     */
    public static CheckInterval of(double check, double roots, double rate, double spread, double value) {
        Range.above(0, 1e6, "").check("check_cost", check);
        Range.of(1, 1e6, "roots").check("N", roots);
        Range.above(0, 0.2, "per day").check("rate_day", rate);
        Range.above(0, 10, "per day").check("spread", spread);
        Range.above(0, 1e6, "").check("value", value);
        double lost = rate * roots * spread * value;
        double best = Math.sqrt(2 * check / lost);
        return new CheckInterval(best, Math.max(SHORTEST, Math.min(LONGEST, best)), check / best + lost * best / 2);
    }
}
