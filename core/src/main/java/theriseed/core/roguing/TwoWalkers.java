package theriseed.core.roguing;

import theriseed.core.measure.Chance;
import theriseed.core.measure.Range;

/**
 * What two people found among the same plants, neither knowing the other's finds: how many both overlooked.
 *
 * <p>Chapman (1951); interval of Chao (1987). Both overlook the same hard ones, so the number is too low.
 *
 * @param seen off-types that at least one of them found
 * @param estimate off-types there were
 * @param low 95 % limits of both sides; {@code high} the upper
 */
public record TwoWalkers(int seen, double estimate, double low, double high) {
    private static final double BOTH_SIDES = 0.975;

    /**
     * @param one off-types the one found, 0 or more
     * @param other off-types the other found, 0 or more
     * @param both off-types that both found, 0 to the fewer
     */
    public static TwoWalkers of(int one, int other, int both) {
        Range.of(0, 1e6, "off-types").check("a", one);
        Range.of(0, 1e6, "off-types").check("b", other);
        Range.of(0, Math.min(one, other), "off-types").check("both", both);
        double estimate = (one + 1.0) * (other + 1.0) / (both + 1.0) - 1;
        int seen = one + other - both;
        double overlooked = estimate - seen;
        if (overlooked <= 0) {
            return new TwoWalkers(seen, seen, seen, seen);
        }
        double variance = (one + 1.0)
                * (other + 1.0)
                * (one - both)
                * (other - both)
                / ((both + 1.0) * (both + 1.0) * (both + 2.0));
        double times = Math.exp(
                Chance.normalQuantile(BOTH_SIDES) * Math.sqrt(Math.log1p(variance / (overlooked * overlooked))));
        return new TwoWalkers(seen, estimate, seen + overlooked / times, seen + overlooked * times);
    }

    /** Off-types that both overlooked. */
    public double overlooked() {
        return estimate - seen;
    }
}
