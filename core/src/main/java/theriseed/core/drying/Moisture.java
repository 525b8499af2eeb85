package theriseed.core.drying;

import theriseed.core.measure.Range;

/** Moisture of seed and of what it comes out of, percent of the wet mass. */
public final class Moisture {
    /** What moisture may be entered, percent wet basis. */
    public static final Range PERCENT = Range.of(0, 99.9, "%");

    private static final Range MASS = Range.of(0, 1e9, "g");

    private Moisture() {}

    /** Mass without its water. */
    public static double dry(double mass, double moisture) {
        return MASS.check("mass", mass) * (100 - PERCENT.check("moisture", moisture)) / 100;
    }

    /** The same dry matter at another moisture. */
    public static double at(double mass, double moisture, double wanted) {
        return dry(mass, moisture) * 100 / (100 - PERCENT.check("m_ref", wanted));
    }
}
