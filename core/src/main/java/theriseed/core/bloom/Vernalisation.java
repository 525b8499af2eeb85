package theriseed.core.bloom;

import theriseed.core.measure.Range;

/**
 * Cold that counts toward flowering: the share of a day between 0 and 10 &deg;C. The plant must be past its youth, and
 * heat soon after may undo it.
 */
public final class Vernalisation {
    private static final double FROM_C = 0;
    private static final double TO_C = 10;

    private Vernalisation() {}

    /** Share of a day with that low and high that counts, 0 to 1, from a sine between them. */
    public static double ofDay(double min, double max) {
        Range.of(-50, 60, "C").check("tmin", min);
        Range.of(min, 60, "C").check("tmax", max);
        return below(min, max, TO_C) - below(min, max, FROM_C);
    }

    private static double below(double min, double max, double threshold) {
        if (max <= threshold) {
            return 1;
        }
        if (min >= threshold) {
            return 0;
        }
        double mean = (min + max) / 2;
        return 0.5 + Math.asin((threshold - mean) / ((max - min) / 2)) / Math.PI;
    }
}
