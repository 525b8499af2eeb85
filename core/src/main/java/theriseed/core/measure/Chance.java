package theriseed.core.measure;

import java.util.function.DoubleUnaryOperator;
import org.apache.commons.numbers.gamma.LogBeta;
import org.apache.commons.numbers.gamma.RegularizedBeta;
import org.apache.commons.numbers.rootfinder.BrentSolver;
import org.apache.commons.statistics.distribution.BinomialDistribution;
import org.apache.commons.statistics.distribution.NormalDistribution;

/** Distributions the rules share. Probabilities are fractions 0 to 1. */
public final class Chance {
    private static final BrentSolver SOLVER = new BrentSolver(1e-14, 1e-15, 1e-16);
    private static final NormalDistribution STANDARD_NORMAL = NormalDistribution.of(0, 1);

    private static final Range NUMBER = Range.of(-1e300, 1e300, "");
    private static final Range SHARE = Range.of(0, 1, "");
    private static final Range INSIDE = Range.between(0, 1, "");

    private Chance() {}

    /** z such that a standard normal stays at or below z with probability {@code p}, 0 &lt; p &lt; 1. */
    public static double normalQuantile(double p) {
        return STANDARD_NORMAL.inverseCumulativeProbability(INSIDE.check("p", p));
    }

    /** Probability that a standard normal stays at or below z. */
    public static double normalAtMost(double z) {
        return STANDARD_NORMAL.cumulativeProbability(NUMBER.check("z", z));
    }

    /** Density of a standard normal at z. */
    public static double normalDensity(double z) {
        return STANDARD_NORMAL.density(NUMBER.check("z", z));
    }

    /** P(X &le; k) of a binomial with n trials of probability p; 0 for k &lt; 0. */
    public static double atMost(int k, int n, double p) {
        return k < 0 ? 0 : binomial(n, p).cumulativeProbability(k);
    }

    /** P(X &ge; k) of a binomial with n trials of probability p. */
    public static double atLeast(int k, int n, double p) {
        return k <= 0 ? 1 : binomial(n, p).survivalProbability(k - 1);
    }

    private static BinomialDistribution binomial(int n, double p) {
        return BinomialDistribution.of(Range.of(0, Integer.MAX_VALUE, "").check("n", n), SHARE.check("p", p));
    }

    /**
     * P(X &ge; k) when the trials of one batch share their luck: beta-binomial with intra-class correlation
     * {@code clustering}; 0 gives the plain binomial.
     */
    public static double atLeastClustered(int k, int n, double p, double clustering) {
        SHARE.check("p", p);
        Range.below(0, 1, "").check("clustering", clustering);
        if (clustering == 0 || p == 0 || p == 1) {
            return atLeast(k, n, p);
        }
        double alpha = p * (1 / clustering - 1);
        double beta = (1 - p) * (1 / clustering - 1);
        double below = 0;
        for (int i = 0; i < k; i++) {
            double logChoose = -Math.log1p(n) - LogBeta.value(n - i + 1.0, i + 1.0);
            below += Math.exp(logChoose + LogBeta.value(i + alpha, n - i + beta) - LogBeta.value(alpha, beta));
        }
        return Math.max(0, 1 - below);
    }

    /** Regularised incomplete beta I_x(a, b). */
    public static double incompleteBeta(double x, double a, double b) {
        Range.above(0, 1e15, "").check("a", a);
        Range.above(0, 1e15, "").check("b", b);
        return RegularizedBeta.value(SHARE.check("x", x), a, b);
    }

    /**
     * Exact (Clopper-Pearson) upper limit of a share when x of n showed it; 1 if x = n.
     *
     * @param confidence of one side, 0 &lt; confidence &lt; 1
     */
    public static double upperLimit(int x, int n, double confidence) {
        checkLimit(x, n, confidence);
        return x == n ? 1 : rising(p -> incompleteBeta(p, x + 1.0, n - x), confidence, 0, 1);
    }

    /** Exact (Clopper-Pearson) lower limit of a share when x of n showed it; 0 if x = 0. */
    public static double lowerLimit(int x, int n, double confidence) {
        checkLimit(x, n, confidence);
        return x == 0 ? 0 : rising(p -> incompleteBeta(p, x, n - x + 1.0), 1 - confidence, 0, 1);
    }

    private static void checkLimit(int x, int n, double confidence) {
        Range.of(1, Integer.MAX_VALUE, "").check("n", n);
        Range.of(0, n, "").check("x", x);
        INSIDE.check("confidence", confidence);
    }

    /** Where a rising function reaches the wanted value between low and high, where it lies on both sides of it. */
    public static double rising(DoubleUnaryOperator function, double wanted, double low, double high) {
        return SOLVER.findRoot(x -> function.applyAsDouble(x) - wanted, low, high);
    }

    /** Rounds up, but not for what is only floating-point dust: 28.000000001 stays 28. */
    public static int roundUp(double value) {
        return (int) Math.ceil(Range.of(-2e9, 2e9, "").check("value", value) - 1e-9);
    }
}
