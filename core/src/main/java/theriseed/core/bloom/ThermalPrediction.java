package theriseed.core.bloom;

import java.util.Optional;
import java.util.function.IntToDoubleFunction;
import theriseed.core.measure.Range;

/**
 * The day on which enough warmth has come together.
 *
 * @param day first whole day on which the sum reaches the requirement, counted like the start
 * @param exact the same with the part of the day
 * @param rate degree days of that day
 */
public record ThermalPrediction(int day, double exact, double rate) {
    private static final int LONGEST_DAYS = 730;

    /**
     * Sums from the start day on (included); nothing when it takes more than 730 days.
     *
     * @param requirement &deg;C d, above 0 to 6000
     * @param degreeDays of each day: actual ones as far as known, then normals
     */
    public static Optional<ThermalPrediction> of(int start, double requirement, IntToDoubleFunction degreeDays) {
        Range.above(0, 6000, "C d").check("theta", requirement);
        double sum = 0;
        for (int day = start; day < start + LONGEST_DAYS; day++) {
            double rate = degreeDays.applyAsDouble(day);
            if (sum + rate >= requirement) {
                return Optional.of(new ThermalPrediction(day, day - 1 + (requirement - sum) / rate, rate));
            }
            sum += rate;
        }
        return Optional.empty();
    }
}
