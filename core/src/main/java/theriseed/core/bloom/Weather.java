package theriseed.core.bloom;

import java.time.LocalDate;
import java.util.Map;
import theriseed.core.measure.Range;

/**
 * The warmth of each day: what it was where it is known, what it usually is otherwise. Station air is not field air.
 *
 * @param normals the farm's usual year
 * @param actual days that are known
 */
public record Weather(ClimateNormals normals, Map<LocalDate, Day> actual) {
    /** Lowest and highest of a day, &deg;C. */
    public record Day(double low, double high) {
        public Day {
            Range.of(-50, 60, "C").check("low", low);
            Range.of(low, 60, "C").check("high", high);
        }
    }

    public Day of(LocalDate day) {
        Day known = actual.get(day);
        if (known != null) {
            return known;
        }
        double mean = normals.dayMean(day.getDayOfYear());
        return new Day(mean - normals.half(), mean + normals.half());
    }
}
