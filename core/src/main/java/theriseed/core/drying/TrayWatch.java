package theriseed.core.drying;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import theriseed.core.crop.Crop;
import theriseed.core.measure.Range;

/**
 * What a drying tray has come to by now, from what was weighed of it and read of the air over it.
 *
 * @param watch of its drying
 * @param dry whether it has reached its target
 * @param dryAt when it reaches its target; empty while that cannot be told
 * @param dehydrator &deg;C to set one to at most
 * @param tooWarm whether the air was warmer than it bears when last read
 * @param weighings that count: one at the moment it was spread tells nothing
 * @param sinceWeighed hours since it was weighed last
 * @param forgotten whether that is so long that it may be forgotten
 */
public record TrayWatch(
        DryingWatch watch,
        boolean dry,
        Optional<Instant> dryAt,
        int dehydrator,
        boolean tooWarm,
        int weighings,
        double sinceWeighed,
        boolean forgotten) {
    /**
     * Hours since it was weighed last after which seed on a tray may be forgotten. Seed on a tray is looked at daily and
     * weighed every other day; where somebody only turns it, four days say too much.
     */
    public static final double FORGOTTEN_AFTER_HOURS = 96;

    /** Wetter seed is as wet as seed can be for what a dehydrator may be set to, percent wet basis. */
    private static final double WETTEST = 95;

    /** A tray may seem a little heavier than what went in, when it takes up water or the tray was not weighed off. */
    private static final double HEAVIER = 1.1;

    private static final Duration A_DAY = Duration.ofHours(20);

    /** Share of its mass: what dries less in a day is taken to have settled. */
    private static final double WEIGHS_ALIKE = 0.005;

    private static final double SECONDS_OF_AN_HOUR = 3600;

    private static final Range MASS = Range.of(0, 1e9, "g");

    /** It weighed so many grams at a moment. */
    public record Weighed(Instant at, double grams) {}

    /**
     * A tray as it was spread.
     *
     * @param massIn grams
     * @param moistureIn percent wet basis as measured, and {@code usual} what is taken where nobody did
     * @param target percent wet basis to which it is dried
     */
    public record Spread(Instant at, double massIn, OptionalDouble moistureIn, double usual, double target) {}

    /** @param air &deg;C over it when last read, and {@code humidity} percent */
    public static TrayWatch of(
            Crop crop, Spread spread, List<Weighed> weighed, OptionalDouble air, OptionalDouble humidity, Instant now) {
        TreeMap<Double, Double> byHour = new TreeMap<>();
        for (Weighed one : weighed) {
            double hour = Duration.between(spread.at(), one.at()).toSeconds() / SECONDS_OF_AN_HOUR;
            if (hour > 0) {
                byHour.put(hour, one.grams());
            }
        }
        DryingWatch watch = DryingWatch.of(
                crop,
                spread.massIn(),
                spread.moistureIn().orElse(spread.usual()),
                spread.moistureIn().isEmpty(),
                spread.target(),
                byHour.entrySet().stream().map(TrayWatch::weighing).toList(),
                air.isPresent() && humidity.isPresent()
                        ? Optional.of(new DryingWatch.Room(air.getAsDouble(), humidity.getAsDouble()))
                        : Optional.empty());
        double logged = byHour.isEmpty() ? 0 : byHour.lastKey();
        double since = Duration.between(after(spread.at(), logged), now).toMinutes() / 60.0;
        return new TrayWatch(
                watch,
                watch.moisture() <= watch.target(),
                watch.curve().map(curve -> after(spread.at(), logged + curve.hoursLeft())),
                DryingAir.dehydrator(Math.min(WETTEST, watch.moisture())),
                air.isPresent() && air.getAsDouble() > watch.warmest(),
                byHour.size(),
                since,
                forgotten(since));
    }

    /**
     * The moisture of seed that the air over its tray dries no further: it weighs what it weighed a day before.
     *
     * @param weighed of it, oldest first, and {@code grams} when it was taken off at {@code end}
     * @return nothing where it still lost weight, or nobody read the air
     */
    public static Optional<SeedMoisture> settled(
            Crop crop, List<Weighed> weighed, double grams, Instant end, OptionalDouble air, OptionalDouble humidity) {
        boolean still = weighed.stream()
                .filter(one -> Duration.between(one.at(), end).compareTo(A_DAY) >= 0)
                .reduce((first, second) -> second)
                .filter(before -> before.grams() <= grams * (1 + WEIGHS_ALIKE))
                .isPresent();
        return still && air.isPresent() && humidity.isPresent()
                ? Optional.of(SeedMoisture.settled(crop, air.getAsDouble(), humidity.getAsDouble()))
                : Optional.empty();
    }

    /** Whether seed on a tray that was weighed so many hours ago may be forgotten. */
    public static boolean forgotten(double sinceWeighed) {
        return Range.of(0, 1e6, "h").check("sinceWeighed", sinceWeighed) > FORGOTTEN_AFTER_HOURS;
    }

    /** Whether a tray on which so many grams were spread can weigh so much. */
    public static boolean canWeigh(double massIn, double grams) {
        return MASS.check("grams", grams) <= MASS.check("massIn", massIn) * HEAVIER;
    }

    private static DryingWatch.Weighing weighing(Map.Entry<Double, Double> one) {
        return new DryingWatch.Weighing(one.getKey(), one.getValue());
    }

    private static Instant after(Instant begun, double hours) {
        return begun.plusSeconds(Math.round(hours * SECONDS_OF_AN_HOUR));
    }
}
