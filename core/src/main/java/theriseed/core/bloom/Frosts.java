package theriseed.core.bloom;

import java.time.LocalDate;
import java.time.MonthDay;

/**
 * Usual days of frost. A season is named after the year of its seed, so south of the equator, where spring comes late in
 * the year, the spring of a season lies in the year before.
 *
 * @param last of spring, and {@code first} of autumn
 */
public record Frosts(MonthDay last, MonthDay first) {
    /** The last frost of spring before a season's seed ripens. */
    public LocalDate lastOf(int season) {
        return last.atYear(last.isBefore(first) ? season : season - 1);
    }

    /** The first frost of autumn that a season's seed must be ripe before. */
    public LocalDate firstOf(int season) {
        return first.atYear(season);
    }
}
