package theriseed.core.bloom;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import theriseed.core.crop.Crop;

/**
 * When a planting will bloom and its seed be ripe, from thermal time over the days as they were and then as they usually
 * are. The crop table's requirements are certain to a quarter at best, so the dates are planned dates until a first
 * flower is seen; then they count from that day. Ignores day length, drought and transplant shock.
 */
public final class BloomForecast {
    /** Air under glass while plants are raised, &deg;C, day and night alike. */
    static final double GLASS_C = 18;

    private static final double UPPER_C = 30;

    /** Sd of a requirement taken from the table, as a share of it: good to a quarter in 95 of 100 cases. */
    private static final double REQUIREMENT_SD = 0.125;

    /** Sd of a day's degree days round normal, and their correlation from day to day. */
    private static final double DAILY_SD = 2.5;

    private static final double CORRELATION = 0.6;

    /** Days until a sown biennial is old enough to feel the cold. */
    private static final int YOUTH_DAYS = 60;

    private static final int LONGEST_DAYS = 730;

    private final Weather weather;
    private final LocalDate today;
    private final Map<Double, Map<LocalDate, Double>> warmth = new ConcurrentHashMap<>();
    private final Map<LocalDate, Double> chill = new ConcurrentHashMap<>();

    /** @param today first day whose weather is not known */
    public BloomForecast(Weather weather, LocalDate today) {
        this.weather = weather;
        this.today = today;
    }

    /**
     * What is to be expected of a planting.
     *
     * @param window first to last flower; none when it will not flower
     * @param spread how far its dates may be off
     * @param cold weeks of cold it gets before it can flower; 0 for crops that need none
     * @param coldAsked weeks it needs
     * @param seen whether the first flower was seen
     */
    public record Bloom(Optional<BloomWindow> window, BloomSpread spread, double cold, int coldAsked, boolean seen) {
        /** Whether it lacks the cold without which a biennial stays a rosette. */
        public boolean tooLittleCold() {
            return cold < coldAsked;
        }
    }

    /**
     * First to last flower of a planting that is to seed in a season. Crops that flower after a winter count their warmth
     * from its end: from the first of the year, or from replanting, and not before they have had their cold. A perennial
     * sown in the same year that needs no cold counts from sowing, which is early at best: a seedling lags behind an old
     * plant.
     */
    public Bloom of(Crop crop, int season, GrowingDays days) {
        boolean firstYear = crop.vernalisationWeeks() == 0 && days.sown().getYear() >= season;
        boolean afterWinter = crop.lifeCycle().flowersAfterWinter() && !firstYear;
        Cold cold = afterWinter ? cold(crop, season, days) : new Cold(0, 0, Optional.of(days.sown()));
        if (days.firstFlower().isPresent()) {
            LocalDate first = days.firstFlower().get();
            return bloom(crop, first, BloomSpread.SEEN, cold, true);
        }
        if (crop.degreeDaysToFlower().isEmpty() || cold.enoughFrom().isEmpty()) {
            return new Bloom(Optional.empty(), BloomSpread.NONE, cold.weeks(), cold.asked(), false);
        }
        LocalDate start = cold.enoughFrom().get();
        LocalDate outdoors = days.setOut().orElse(days.sown());
        double requirement = crop.degreeDaysToFlower().getAsDouble();
        Optional<ThermalPrediction> reached = ThermalPrediction.of(0, requirement, passed -> {
            LocalDate day = start.plusDays(passed);
            boolean underGlass = !afterWinter && day.isBefore(outdoors);
            return underGlass ? Math.max(0, GLASS_C - crop.baseTemperature()) : degreeDays(crop, day);
        });
        if (reached.isEmpty()) {
            return new Bloom(Optional.empty(), BloomSpread.NONE, cold.weeks(), cold.asked(), false);
        }
        LocalDate first = start.plusDays(reached.get().day());
        long unknown = ChronoUnit.DAYS.between(start.isAfter(today) ? start : today, first);
        double spread = ForecastSpread.of(
                        (int) Math.max(1, unknown),
                        unknown <= 0 ? 0 : DAILY_SD,
                        CORRELATION,
                        Math.max(1, reached.get().rate()),
                        REQUIREMENT_SD * requirement,
                        0.8)
                .days();
        return bloom(crop, first, spread, cold, false);
    }

    private static Bloom bloom(Crop crop, LocalDate first, double spread, Cold cold, boolean seen) {
        BloomWindow window = new BloomWindow(first, first.plusDays(crop.floweringDays() - 1L));
        return new Bloom(
                Optional.of(window), BloomSpread.ofBeginning(spread, window.days()), cold.weeks(), cold.asked(), seen);
    }

    /** Whether the day is warm enough for the crop to go on growing and ripening; below its base nothing ripens. */
    public boolean ripensOn(Crop crop, LocalDate day) {
        Weather.Day air = weather.of(day);
        return (air.low() + air.high()) / 2 > crop.baseTemperature();
    }

    /** First day on which seed of the first flowers is ripe. */
    public static LocalDate firstRipe(Crop crop, BloomWindow bloom) {
        return bloom.first().plusDays(crop.daysFlowerToRipeSeed());
    }

    /** Day by which all but stragglers are ripe: the ripening spread after the first. */
    public static LocalDate lastRipe(Crop crop, BloomWindow bloom) {
        return firstRipe(crop, bloom).plusDays(crop.ripeningSpreadDays());
    }

    /** Weeks of cold before the warmth can count, and the day from which it counts. */
    private record Cold(double weeks, int asked, Optional<LocalDate> enoughFrom) {}

    /** A root in a cold store has all its days counted; in the ground a day counts for its hours between 0 and 10 C. */
    private Cold cold(Crop crop, int season, GrowingDays days) {
        LocalDate spring = days.replanted().orElse(LocalDate.of(season, 1, 1));
        LocalDate old = days.sown().plusDays(YOUTH_DAYS);
        double weeks = 0;
        LocalDate enough = crop.vernalisationWeeks() == 0 ? spring : null;
        LocalDate from = LocalDate.of(season - 1, 7, 1);
        for (LocalDate day = old.isAfter(from) ? old : from;
                day.isBefore(LocalDate.of(season, 7, 1));
                day = day.plusDays(1)) {
            boolean stored = days.lifted().isPresent()
                    && !day.isBefore(days.lifted().get())
                    && day.isBefore(days.replanted().get());
            weeks += (stored ? 1 : chill(day)) / 7;
            if (enough == null && weeks >= crop.vernalisationWeeks()) {
                enough = day.isBefore(spring) ? spring : day;
            }
            if (enough != null && !day.isBefore(spring)) {
                break;
            }
        }
        return new Cold(weeks, crop.vernalisationWeeks(), Optional.ofNullable(enough));
    }

    private double chill(LocalDate day) {
        return chill.computeIfAbsent(day, when -> {
            Weather.Day air = weather.of(when);
            return Vernalisation.ofDay(air.low(), air.high());
        });
    }

    private double degreeDays(Crop crop, LocalDate day) {
        return warmth.computeIfAbsent(crop.baseTemperature(), base -> new ConcurrentHashMap<>(LONGEST_DAYS))
                .computeIfAbsent(day, when -> {
                    Weather.Day air = weather.of(when);
                    return ThermalTime.SINE.of(air.low(), air.high(), crop.baseTemperature(), UPPER_C);
                });
    }
}
