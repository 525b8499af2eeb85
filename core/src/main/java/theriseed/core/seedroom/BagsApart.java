package theriseed.core.seedroom;

import java.util.Arrays;
import org.apache.commons.statistics.distribution.ChiSquaredDistribution;
import theriseed.core.measure.Range;

/**
 * Whether the bags of a lot differ more than chance would have them: the same count of seeds from each, and how many of
 * them did. A test of homogeneity, after the heterogeneity test of the ISTA Rules.
 *
 * @param chiSquared with {@code freedom} degrees of freedom
 * @param chance that bags of one well mixed lot differ as much
 * @param excess of their variance over that of chance; 0 for none
 */
public record BagsApart(double chiSquared, int freedom, double chance, double excess) {
    private static final double ALPHA = 0.05;

    /**
     * @param found in each bag, 0 to seeds; two bags or more
     * @param seeds looked at in each
     */
    public static BagsApart of(int[] found, int seeds) {
        Range.of(2, 1000, "bags").check("x", found.length);
        Range.of(1, 100_000, "seeds").check("n", seeds);
        for (int i = 0; i < found.length; i++) {
            Range.of(0, seeds, "seeds").check("x[" + i + "]", found[i]);
        }
        double mean = Arrays.stream(found).average().orElseThrow();
        double byChance = Range.above(0, seeds, "seeds").check("mean", mean) * (1 - mean / seeds);
        Range.below(0, seeds, "seeds").check("mean", mean);
        double chiSquared =
                Arrays.stream(found).mapToDouble(x -> (x - mean) * (x - mean)).sum() / byChance;
        int freedom = found.length - 1;
        return new BagsApart(
                chiSquared,
                freedom,
                ChiSquaredDistribution.of(freedom).survivalProbability(chiSquared),
                chiSquared / freedom - 1);
    }

    public boolean differ() {
        return chance < ALPHA;
    }
}
