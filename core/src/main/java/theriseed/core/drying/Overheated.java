package theriseed.core.drying;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import theriseed.core.crop.Crop;

/**
 * That seed was dried in warmer air than it bears as moist as it was. What it did to the seed only a germination test tells.
 *
 * @param hours in all; each reading of the air is taken to hold until the next, a day at most
 * @param celsius of the hottest air
 * @param bears &deg;C that the seed bore then, at {@code moisture} percent wet basis
 * @param until when it ended, as far as was read
 */
public record Overheated(double hours, double celsius, double bears, double moisture, Instant until) {
    private static final Duration READING_HOLDS = Duration.ofHours(24);

    /** &deg;C by which a thermometer over a tray is easily wrong. */
    private static final double THERMOMETER_OFF = 1;

    private static final double SECONDS_OF_AN_HOUR = 3600;

    /** The air was so warm, &deg;C. */
    public record Air(Instant at, double celsius) {}

    /**
     * @param weighed of the tray, and {@code air} over it, each oldest first
     * @param end of the drying, or now
     */
    public static Optional<Overheated> of(
            Crop crop, TrayWatch.Spread spread, List<TrayWatch.Weighed> weighed, List<Air> air, Instant end) {
        List<Overheated> spells = new ArrayList<>();
        for (int i = 0; i < air.size(); i++) {
            Air read = air.get(i);
            double moisture = moisture(spread, weighed, read.at());
            double bears = DryingWatch.bears(crop, moisture);
            if (read.celsius() > bears + THERMOMETER_OFF) {
                Instant next = i + 1 < air.size() ? air.get(i + 1).at() : end;
                Instant longest = read.at().plus(READING_HOLDS);
                Instant until = next.isBefore(longest) ? next : longest;
                double seconds = Math.max(0, Duration.between(read.at(), until).toSeconds());
                spells.add(new Overheated(seconds / SECONDS_OF_AN_HOUR, read.celsius(), bears, moisture, until));
            }
        }
        return all(spells);
    }

    /** All that happened to the same seed, told by the worst of it. */
    public static Optional<Overheated> all(Collection<Overheated> times) {
        double hours = times.stream().mapToDouble(Overheated::hours).sum();
        Optional<Instant> until = times.stream().map(Overheated::until).max(Instant::compareTo);
        return times.stream()
                .max((a, b) -> Double.compare(a.celsius - a.bears, b.celsius - b.bears))
                .map(worst -> new Overheated(hours, worst.celsius, worst.bears, worst.moisture, until.orElseThrow()));
    }

    /** By the last weighing before, from the moisture it was spread with. */
    private static double moisture(TrayWatch.Spread spread, List<TrayWatch.Weighed> weighed, Instant at) {
        OptionalDouble mass = weighed.stream()
                .filter(one -> !one.at().isAfter(at))
                .mapToDouble(TrayWatch.Weighed::grams)
                .reduce((first, second) -> second);
        double in = spread.moistureIn().orElse(spread.usual());
        return Math.max(0, 100 - (100 - in) * spread.massIn() / mass.orElse(spread.massIn()));
    }
}
