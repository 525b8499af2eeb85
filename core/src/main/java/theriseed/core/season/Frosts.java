package theriseed.core.season;

import java.time.LocalDate;
import java.time.MonthDay;
import theriseed.core.crop.Crop;

/**
 * Usual days of frost. A season is named after the year of its seed, so south of the equator, where spring comes late in
 * the year, the spring of a season lies in the year before.
 *
 * @param last of spring, and {@code first} of autumn
 */
public record Frosts(MonthDay last, MonthDay first) {
    /** Crops that grow only above this do not stand a frost, &deg;C. A rule of thumb: kinds and hardening differ. */
    private static final double TENDER_BASE_C = 8;

    /** Whether a frost kills it. */
    public static boolean kill(Crop crop) {
        return crop.baseTemperature() >= TENDER_BASE_C;
    }

    /** The last frost of spring before a season's seed ripens. */
    public LocalDate lastOf(int season) {
        return last.atYear(last.isBefore(first) ? season : season - 1);
    }

    /** The first frost of autumn that a season's seed must be ripe before. */
    public LocalDate firstOf(int season) {
        return first.atYear(season);
    }
}
