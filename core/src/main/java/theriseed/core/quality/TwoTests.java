package theriseed.core.quality;

import org.apache.commons.statistics.distribution.HypergeometricDistribution;
import theriseed.core.measure.Chance;
import theriseed.core.measure.Range;

/**
 * Whether two germination tests of one lot can both be true: Fisher's exact test, two-sided.
 *
 * @param points difference of the means, percentage points
 * @param chance of a difference at least as unlikely
 * @param compatible whether that chance is above 2.5 %
 */
public record TwoTests(double points, double chance, boolean compatible) {
    private static final double DUST = 1 + 1e-7;

    public static TwoTests of(int germinatedA, int seedsA, int germinatedB, int seedsB) {
        Range.of(1, 1e5, "seeds").check("n1", seedsA);
        Range.of(1, 1e5, "seeds").check("n2", seedsB);
        Range.of(0, seedsA, "seeds").check("x1", germinatedA);
        Range.of(0, seedsB, "seeds").check("x2", germinatedB);
        HypergeometricDistribution tables =
                HypergeometricDistribution.of(seedsA + seedsB, germinatedA + germinatedB, seedsA);
        double seen = tables.probability(germinatedA);
        double chance = 0;
        for (int x = tables.getSupportLowerBound(); x <= tables.getSupportUpperBound(); x++) {
            double p = tables.probability(x);
            chance += p <= seen * DUST ? p : 0;
        }
        double points = Math.abs(100.0 * germinatedA / seedsA - 100.0 * germinatedB / seedsB);
        return new TwoTests(points, Math.min(1, chance), chance > 0.025);
    }

    /** Rounded mean from which each printed tolerance of two 400-seed tests holds; tolerances 2, 3, 4 ... */
    private static final int[] PRINTED_FROM = {98, 95, 91, 85, 77, 60, 51};

    /** Printed tolerance of two tests of 400 seeds at that mean above 50 %, percentage points. */
    public static int tolerance(double mean) {
        int rounded = Range.of(51, 99, "%").check("mean", (int) Math.floor(mean + 0.5));
        int i = 0;
        while (rounded < PRINTED_FROM[i]) {
            i++;
        }
        return i + 2;
    }

    /**
     * The chances of deciding wrongly when a lot is accepted from so many germinated.
     *
     * @param acceptFrom germinated seeds from which it passes
     * @param refusedGood chance to refuse a good lot
     * @param passedBad chance to pass a bad one
     */
    public record Risks(int acceptFrom, double refusedGood, double passedBad) {
        public static Risks of(int seeds, double standard, double allowance, double good, double bad) {
            Range.of(0, 100, "%").check("standard", standard);
            Range.of(0, standard, "%").check("allowance", allowance);
            Range.of(1, 1e6, "seeds").check("n", seeds);
            Range.of(0, 1, "").check("good", good);
            Range.of(0, 1, "").check("bad", bad);
            int from = Chance.roundUp(seeds * (standard - allowance) / 100);
            return new Risks(from, Chance.atMost(from - 1, seeds, good), 1 - Chance.atMost(from - 1, seeds, bad));
        }
    }
}
