package theriseed.core.quality;

import theriseed.core.measure.Chance;
import theriseed.core.measure.Range;

/**
 * How far replicates of one germination test may lie apart by chance alone (2.5 %). Miles (1963) for 4 x 100; the exact
 * range of binomial counts for other sizes and for means the printed table leaves out.
 */
public final class ReplicateTolerance {
    /** Rounded mean from which each printed range holds, mean above 50; ranges 5, 6, 7 ... */
    private static final int[] PRINTED_FROM = {99, 98, 97, 96, 95, 93, 91, 89, 87, 84, 81, 78, 73, 67, 56, 51};

    private static final int SMALLEST_PRINTED = 5;
    private static final double CHANCE = 0.025;

    private ReplicateTolerance() {}

    /**
     * Largest range allowed, percentage points.
     *
     * @param mean percent
     * @param replicates at least 2
     * @param seeds in each
     */
    public static double points(double mean, int replicates, int seeds) {
        if (replicates == 4 && seeds == 100) {
            long rounded = (long) Math.floor(mean + 0.5);
            long mirrored = rounded <= 50 ? 101 - rounded : rounded;
            for (int i = 0; i < PRINTED_FROM.length; i++) {
                if (mirrored >= PRINTED_FROM[i] && mirrored <= 99) {
                    return SMALLEST_PRINTED + i;
                }
            }
        }
        return 100.0 * seedsApart(mean, replicates, seeds) / seeds;
    }

    /** Smallest range, in seeds, that chance exceeds in at most 2.5 % of tests. */
    public static int seedsApart(double mean, int replicates, int seeds) {
        Range.of(0, 100, "%").check("mean", mean);
        Range.of(2, 100, "replicates").check("k", replicates);
        Range.of(1, 1000, "seeds").check("n", seeds);
        int range = 0;
        while (chanceBeyond(range, mean, replicates, seeds) > CHANCE) {
            range++;
        }
        return range;
    }

    /** Chance that replicates lie further apart than {@code range} seeds. */
    public static double chanceBeyond(int range, double mean, int replicates, int seeds) {
        Range.of(0, seeds, "seeds").check("range", range);
        Range.of(1, 1000, "seeds").check("n", seeds);
        Range.of(1, 100, "replicates").check("k", replicates);
        double p = Range.of(0, 100, "%").check("mean", mean) / 100;
        double[] below = new double[seeds + 2];
        for (int m = 0; m <= seeds; m++) {
            below[m + 1] = Chance.atMost(m, seeds, p);
        }
        double within = 0;
        for (int m = 0; m <= seeds; m++) {
            double top = below[Math.min(seeds, m + range) + 1];
            within += Math.pow(top - below[m], replicates) - Math.pow(top - below[m + 1], replicates);
        }
        return 1 - within;
    }
}
