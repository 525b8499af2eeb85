package theriseed.core.bloom;

import theriseed.core.measure.Chance;
import theriseed.core.measure.Range;

/**
 * How far the dates of a bloom may be off.
 *
 * @param first sd of its first flower, days, 0 to 365
 * @param last sd of its last flower, days, 0 to 365
 */
public record BloomSpread(double first, double last) {
    private static final Range DAYS = Range.of(0, 365, "days");

    /** Nothing is known of the dates, or nothing of them is in doubt. */
    public static final BloomSpread NONE = new BloomSpread(0, 0);

    /** A flower is seen within a day or two of opening. */
    public static final double SEEN = 1;

    /** Sd of how long a bloom lasts, as a share of it. A convention: weather and picking shorten and draw it out. */
    private static final double LENGTH = 0.2;

    /** So sure must it be that two blooms stay apart. */
    private static final double CONFIDENCE = 0.95;

    private static final double Z = Chance.normalQuantile(CONFIDENCE);

    public BloomSpread {
        DAYS.check("first", first);
        DAYS.check("last", last);
    }

    /** The spread of a bloom whose beginning is so sure, and of which only the usual length is known. */
    public static BloomSpread ofBeginning(double first, int length) {
        return new BloomSpread(first, Math.hypot(first, LENGTH * length));
    }

    /** Both ends alike. */
    public static BloomSpread ofBoth(double days) {
        return new BloomSpread(days, days);
    }

    /** Clear days wanted between the end of one bloom and the beginning of a later one, to stay apart in 95 of 100 years. */
    public static int margin(BloomSpread earlier, BloomSpread later) {
        return (int) Math.ceil(Z * both(earlier.last, later.first));
    }

    /** How far two beginnings together may be off against each other, sd in days. */
    public static double between(BloomSpread one, BloomSpread other) {
        return both(one.first, other.first);
    }

    private static double both(double one, double other) {
        return Math.sqrt(one * one + other * other);
    }

    /** Days before the forecast first flower on which it surely has none, in 95 of 100 years. */
    public int beforeFirst() {
        return (int) Math.ceil(Z * first);
    }
}
