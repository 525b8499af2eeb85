package theriseed.core.bloom;

import theriseed.core.measure.Range;

/**
 * A farm's usual year as one wave: the day's mean is {@code mean - amplitude cos(2 pi (day - coldest) / 365)}, its low
 * and high {@code half} below and above.
 *
 * @param mean yearly mean, &deg;C
 * @param amplitude half the swing from winter to summer, &deg;C
 * @param coldestDay day of the year, 1 to 365
 * @param half half the swing of a day, &deg;C
 */
public record ClimateNormals(double mean, double amplitude, int coldestDay, double half) {
    public ClimateNormals {
        Range.of(-20, 35, "C").check("climate.mean", mean);
        Range.of(0, 30, "C").check("climate.amplitude", amplitude);
        Range.of(1, 365, "day").check("climate.coldestDay", coldestDay);
        Range.of(0, 20, "C").check("climate.half", half);
    }

    /** Usual mean of a day of the year (which may run past 365), &deg;C. */
    public double dayMean(int dayOfYear) {
        return mean - amplitude * Math.cos(2 * Math.PI * (dayOfYear - coldestDay) / 365);
    }

    /** How many days before and after the coldest one the usual mean is as low as this: 0 where it hardly is or never. */
    double daysFromColdest(double dayMean) {
        double cosine = amplitude == 0 ? -1 : Math.max(-1, Math.min(1, (mean - dayMean) / amplitude));
        return 365 * Math.acos(cosine) / (2 * Math.PI);
    }
}
