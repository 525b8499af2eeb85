package theriseed.core.bench;

import java.util.Arrays;
import java.util.Optional;
import theriseed.core.measure.Range;

/**
 * What a farm's own lots gave so far, and whether another lies outside of it. Fences one and a half times the middle half
 * away, after Tukey (1977); of few lots they tell little.
 *
 * @param lots it rests on
 * @param low first quartile, {@code median} and {@code high} third quartile
 */
public record OwnRange(int lots, double low, double median, double high) {
    /** Where a value lies. */
    public enum Place {
        BELOW,
        WITHIN,
        ABOVE
    }

    /** Fewer tell nothing. */
    public static final int FEWEST = 4;

    private static final double FENCE = 1.5;

    /** None while there are too few. */
    public static Optional<OwnRange> of(double... values) {
        if (values.length < FEWEST) {
            return Optional.empty();
        }
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        return Optional.of(
                new OwnRange(sorted.length, quantile(sorted, 0.25), quantile(sorted, 0.5), quantile(sorted, 0.75)));
    }

    public Place place(double value) {
        double reach = FENCE * (high - low);
        return value < low - reach ? Place.BELOW : value > high + reach ? Place.ABOVE : Place.WITHIN;
    }

    /** Between the two values nearest. */
    private static double quantile(double[] sorted, double share) {
        double place = Range.of(0, 1, "").check("share", share) * (sorted.length - 1);
        int below = (int) Math.floor(place);
        int above = Math.min(sorted.length - 1, below + 1);
        return sorted[below] + (place - below) * (sorted[above] - sorted[below]);
    }
}
