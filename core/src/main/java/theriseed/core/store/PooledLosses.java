package theriseed.core.store;

import java.util.List;
import org.apache.commons.statistics.distribution.GammaDistribution;
import theriseed.core.measure.Range;

/**
 * How a store loses its roots, from all looks through it together and what is usual: what was hurt at putting in shows at the
 * first look and is over; what rots after that goes on. The weights of what is usual are conventions that let one odd look not
 * rule a winter. Own; gamma&ndash;Poisson shrinkage. Rot spreads in clumps: the limit is too narrow rather than too wide.
 *
 * @param startLoss share lost to injury at putting in
 * @param rate of loss a day after that; {@code upperRate} its 95 % limit
 */
public record PooledLosses(double startLoss, double rate, double upperRate) {
    /** Roots that the usual injury at putting in weighs as much as. */
    private static final double USUAL_ROOTS = 50;

    /** Days of one root that the usual rate weighs as much as. */
    private static final double USUAL_ROOT_DAYS = 3000;

    private static final double CONFIDENCE = 0.95;

    /** A look, so many days after the one before, or after putting in. */
    public record Look(double days, int lookedAt, int thrownOut) {}

    /**
     * @param looks in their order
     * @param usualStart share usually lost at putting in, 0 to below 1
     * @param usualRate of loss a day usually
     */
    public static PooledLosses of(List<Look> looks, double usualStart, double usualRate) {
        Range.below(0, 1, "").check("usual_start", usualStart);
        Range.above(0, 0.2, "per day").check("usual_rate", usualRate);
        double start = usualStart;
        double losses = usualRate * USUAL_ROOT_DAYS;
        double rootDays = USUAL_ROOT_DAYS;
        for (int i = 0; i < looks.size(); i++) {
            Look look = looks.get(i);
            check("looks[" + i + "].", look);
            double daily = look.thrownOut();
            if (i == 0) {
                daily = Math.min(daily, look.lookedAt() * -Math.expm1(-usualRate * look.days()));
                start = (usualStart * USUAL_ROOTS + look.thrownOut() - daily) / (USUAL_ROOTS + look.lookedAt());
            }
            losses += daily;
            rootDays += (look.lookedAt() - look.thrownOut() / 2.0) * look.days();
        }
        return new PooledLosses(
                start,
                losses / rootDays,
                GammaDistribution.of(losses, 1 / rootDays).inverseCumulativeProbability(CONFIDENCE));
    }

    private static void check(String look, Look seen) {
        Range.of(1, 400, "days").check(look + "days", seen.days());
        Range.of(1, 1e6, "roots").check(look + "n", seen.lookedAt());
        Range.of(0, seen.lookedAt(), "roots").check(look + "x", seen.thrownOut());
    }
}
