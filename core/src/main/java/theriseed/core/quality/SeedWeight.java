package theriseed.core.quality;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.apache.commons.statistics.distribution.TDistribution;
import theriseed.core.measure.Range;

/**
 * Thousand-seed weight from replicates of 100 seeds. The spread tells whether counting went wrong, not whether the lot is
 * even. ISTA Rules, weight chapter.
 *
 * @param mean grams of 100
 * @param sd grams
 * @param cv percent of the mean
 * @param limit percent that is allowed
 * @param thousandSeedWeight grams
 * @param halfWidth 95 % either side, grams
 * @param seedsPerGram whole and part
 * @param outside replicates more than two sd from the mean, grams
 */
public record SeedWeight(
        double mean,
        double sd,
        double cv,
        double limit,
        boolean accepted,
        double thousandSeedWeight,
        double halfWidth,
        double seedsPerGram,
        List<Double> outside) {
    private static final double USUAL_LIMIT = 4;

    /** @param grams of each replicate of 100 seeds, above 0; at least two, a full test has eight */
    public static SeedWeight of(double... grams) {
        Range.of(2, 100, "replicates").check("reps", grams.length);
        for (int i = 0; i < grams.length; i++) {
            Range.above(0, 10_000, "g").check("reps[" + i + "]", grams[i]);
        }
        int n = grams.length;
        double mean = Arrays.stream(grams).average().orElseThrow();
        double sd =
                Math.sqrt(Arrays.stream(grams).map(g -> (g - mean) * (g - mean)).sum() / (n - 1));
        List<Double> outside = new ArrayList<>();
        for (double g : grams) {
            if (Math.abs(g - mean) > 2 * sd) {
                outside.add(g);
            }
        }
        double cv = 100 * sd / mean;
        double t = TDistribution.of(n - 1).inverseSurvivalProbability(0.025);
        return new SeedWeight(
                mean,
                sd,
                cv,
                USUAL_LIMIT,
                cv <= USUAL_LIMIT,
                10 * mean,
                t * sd / Math.sqrt(n) * 10,
                100 / mean,
                List.copyOf(outside));
    }

    /**
     * All seed of a lot counted and weighed, where there is too little for replicates: nothing is estimated, and nothing
     * tells whether counting went wrong.
     *
     * @param seeds counted, 5 to 5000
     * @param grams of all of them, above 0
     */
    public static SeedWeight counted(int seeds, double grams) {
        Range.of(5, 5000, "seeds").check("counted", seeds);
        Range.above(0, 10_000, "g").check("reps[0]", grams);
        double hundred = 100 * grams / seeds;
        return new SeedWeight(hundred, 0, 0, USUAL_LIMIT, true, 10 * hundred, 0, 100 / hundred, List.of());
    }

    /** The weight at another moisture, percent wet basis. */
    public double at(double moisture, double reference) {
        return thousandSeedWeight * (100 - moisture) / (100 - reference);
    }
}
