package theriseed.core.day;

import theriseed.core.measure.Range;

/** Water vapour in air, after Tetens, as in Allen et al. (1998, FAO 56). */
public final class Vapour {
    private static final Range AIR = Range.of(-50, 60, "C");
    private static final Range HUMIDITY = Range.of(0, 100, "%");

    private Vapour() {}

    /** Pressure at which air of so many &deg;C can hold no more, kPa. */
    public static double saturation(double air) {
        return 0.6108 * Math.exp(17.27 * AIR.check("T", air) / (air + 237.3));
    }

    /** What is lacking to that in air of a relative humidity in percent, kPa. */
    public static double deficit(double air, double humidity) {
        return saturation(air) * (1 - HUMIDITY.check("RH", humidity) / 100);
    }

    /** Relative humidity, percent, of air whose water began to fall as dew at some &deg;C. */
    public static double humidity(double air, double dew) {
        return Math.min(100, 100 * saturation(dew) / saturation(air));
    }
}
