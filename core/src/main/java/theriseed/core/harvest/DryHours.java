package theriseed.core.harvest;

import theriseed.core.measure.Range;

/**
 * Dry hours that a day has for cutting, with the chance that rain ends them: told as it is, never cut off at some chance.
 *
 * @param hours between dew and dusk in which seed is dry, if no rain comes
 * @param expected of them, with the chance that none is left when rain comes first
 * @param fitChance chance that the day has as many as are needed
 */
public record DryHours(double hours, double expected, double fitChance) {
    /** Rain that washes two thirds of the seed out of what is cut and lies, mm. A convention. */
    private static final double WASHES_OUT_MM = 12;

    /**
     * @param hours 0 to 24
     * @param chance of rain before they end, 0 to 1
     * @param needed hours for the work, 0 to 24
     */
    public static DryHours of(double hours, double chance, double needed) {
        Range.of(0, 24, "hours").check("hours", hours);
        Range.of(0, 1, "").check("chance", chance);
        Range.of(0, 24, "hours").check("need_h", needed);
        return new DryHours(hours, hours * (1 - chance), hours >= needed ? 1 - chance : 0);
    }

    /** Share of the seed in what is cut and lies that so much rain, mm, spoils or beats out. */
    public static double lostToRain(double mm) {
        return -Math.expm1(-Range.of(0, 500, "mm").check("mm", mm) / WASHES_OUT_MM);
    }
}
