package theriseed.core.bloom;

import theriseed.core.measure.Range;

/**
 * Degree days of one day between a lower and an upper threshold, &deg;C d. A requirement belongs to the method it was
 * fitted with; {@link #SINE} is the default. Ignores day length, drought and transplant shock; station air is not field
 * air.
 *
 * <p>McMaster and Wilhelm (1997) for the two averages; Baskerville and Emin (1969), Allen (1976) for the sine with
 * horizontal cut-off.
 */
public enum ThermalTime {
    MEAN {
        @Override
        double degreeDays(double min, double max, double base, double upper) {
            return clip((min + max) / 2, base, upper) - base;
        }
    },
    CLIP {
        @Override
        double degreeDays(double min, double max, double base, double upper) {
            return (clip(min, base, upper) + clip(max, base, upper)) / 2 - base;
        }
    },
    SINE {
        @Override
        double degreeDays(double min, double max, double base, double upper) {
            return above(min, max, base) - above(min, max, upper);
        }
    };

    private static final Range TEMPERATURE = Range.of(-50, 60, "C");

    abstract double degreeDays(double min, double max, double base, double upper);

    /**
     * @param min lowest of the day, -50 to 60 &deg;C
     * @param max highest of the day, at least min
     * @param base below it nothing grows, -5 to 20 &deg;C
     * @param upper above it nothing is gained, above base up to 50 &deg;C
     */
    public double of(double min, double max, double base, double upper) {
        TEMPERATURE.check("tmin", min);
        Range.of(min, 60, "C").check("tmax", max);
        Range.of(-5, 20, "C").check("tb", base);
        Range.above(base, 50, "C").check("tu", upper);
        return degreeDays(min, max, base, upper);
    }

    private static double clip(double value, double low, double high) {
        return Math.min(Math.max(value, low), high);
    }

    private static double above(double min, double max, double threshold) {
        double mean = (min + max) / 2;
        double half = (max - min) / 2;
        if (min >= threshold) {
            return mean - threshold;
        }
        if (max <= threshold) {
            return 0;
        }
        double angle = Math.asin((threshold - mean) / half);
        return ((mean - threshold) * (Math.PI / 2 - angle) + half * Math.cos(angle)) / Math.PI;
    }
}
