package theriseed.core.harvest;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import theriseed.core.day.Vapour;
import theriseed.core.measure.Range;

/**
 * Whether a stand has dried enough since rain to be cut. A rule of thumb whose thresholds are not published values: tune
 * them for the farm and the crop.
 *
 * <p>Vapour pressure deficit after Tetens, as in Allen et al. (1998, FAO 56).
 *
 * @param drying vapour pressure deficit summed since the rain ended, kPa h
 * @param asked of it, kPa h
 * @param failed what speaks against cutting; nothing when it is fit
 */
public record DryDay(double drying, double asked, Set<Failed> failed) {
    /** What speaks against cutting. */
    public enum Failed {
        /** Too little drying since the rain. */
        DRYING,
        /** The air is too damp now. */
        AIR,
        /** Rain is on its way. */
        RAIN
    }

    private static final double ASKED = 4;
    private static final double ASKED_A_MILLIMETRE = 1;
    private static final double MOST_RAIN_MM = 10;
    private static final double COUNTED_TO_RH = 90;
    private static final double DRY_AIR_RH = 65;
    private static final double HARDLY_RAIN_MM = 0.2;

    /** An hour since the rain ended: air &deg;C and relative humidity, %. */
    public record Hour(double air, double humidity) {}

    /**
     * @param hours since the rain ended
     * @param rain that fell, mm
     * @param humidity now, %
     * @param expected rain, mm
     */
    public static DryDay of(List<Hour> hours, double rain, double humidity, double expected) {
        Range.of(0, 500, "mm").check("rain_mm", rain);
        Range.of(0, 100, "%").check("rh_now", humidity);
        Range.of(0, 500, "mm").check("rain_expected_mm", expected);
        double drying = 0;
        for (int i = 0; i < hours.size(); i++) {
            double air = Range.of(-30, 60, "C")
                    .check("hours[" + i + "].T", hours.get(i).air());
            double damp = Range.of(0, 100, "%")
                    .check("hours[" + i + "].RH", hours.get(i).humidity());
            if (damp <= COUNTED_TO_RH) {
                drying += Vapour.deficit(air, damp);
            }
        }
        double asked = ASKED + ASKED_A_MILLIMETRE * Math.min(rain, MOST_RAIN_MM);
        Set<Failed> failed = EnumSet.noneOf(Failed.class);
        if (drying < asked) {
            failed.add(Failed.DRYING);
        }
        if (humidity > DRY_AIR_RH) {
            failed.add(Failed.AIR);
        }
        if (expected > HARDLY_RAIN_MM) {
            failed.add(Failed.RAIN);
        }
        return new DryDay(drying, asked, failed);
    }

    public boolean fit() {
        return failed.isEmpty();
    }
}
