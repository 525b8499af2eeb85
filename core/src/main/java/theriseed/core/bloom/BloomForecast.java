package theriseed.core.bloom;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.ConcurrentHashMap;
import theriseed.core.crop.Crop;
import theriseed.core.crop.LifeCycle;

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

    /** Sd of the first flower of what was found in bloom when nobody had expected it, days. */
    private static final double FOUND_IN_BLOOM_DAYS = 7;

    /** Round the coldest day of the year: when cold is counted, and from when warmth is. */
    private static final int COLD_BEFORE_DAYS = 198;

    private static final int COLD_AFTER_DAYS = 167;
    private static final int WARMTH_BEFORE_DAYS = 14;

    /** Sd of the days of a bloom that is planned for days that cannot be. */
    private static final double DOUBTFUL_DAYS = 60;

    private final Weather weather;
    private final FarmYear year;
    private final LocalDate today;
    private final Map<Double, Map<LocalDate, Double>> warmth = new ConcurrentHashMap<>();
    private final Map<LocalDate, Double> chill = new ConcurrentHashMap<>();

    /** On a farm whose days of frost are not known. @param today first day whose weather is not known */
    public BloomForecast(Weather weather, LocalDate today) {
        this(weather, Optional.empty(), today);
    }

    /**
     * @param frosts the usual days of frost; none where the grower has not said
     * @param today first day whose weather is not known
     */
    public BloomForecast(Weather weather, Optional<Frosts> frosts, LocalDate today) {
        this.weather = weather;
        this.year = new FarmYear(weather.normals(), frosts);
        this.today = today;
    }

    /** First day whose weather is not known. */
    public LocalDate today() {
        return today;
    }

    /** The farm's year. */
    public FarmYear year() {
        return year;
    }

    /**
     * What is to be expected of a planting.
     *
     * @param window first to last flower; none when it will not flower
     * @param spread how far its dates may be off
     * @param cold weeks of cold it gets before it can flower; 0 for crops that need none
     * @param coldAsked weeks it needs
     * @param seen whether the first flower was seen
     * @param killed day on which frost usually ends an annual's bloom, or keeps it from flowering; none where it does not
     */
    public record Bloom(
            Optional<BloomWindow> window,
            BloomSpread spread,
            double cold,
            int coldAsked,
            boolean seen,
            Optional<LocalDate> killed) {
        /** The same of a planting that will not be grown as it is planned, as its seed would not ripen: any days may be. */
        public Bloom doubtful() {
            return new Bloom(window, BloomSpread.ofBoth(DOUBTFUL_DAYS), cold, coldAsked, seen, killed);
        }

        /**
         * The flowers of it that are let open, where those before a day or after one are picked off; all of them where
         * none would be left.
         */
        public Bloom letOpen(Optional<LocalDate> from, Optional<LocalDate> until) {
            Optional<LocalDate> begin =
                    from.filter(day -> window.filter(all -> day.isAfter(all.first()) && !day.isAfter(all.last()))
                            .isPresent());
            Optional<LocalDate> end = until.filter(day -> window.filter(
                            all -> day.isBefore(all.last()) && !day.isBefore(begin.orElse(all.first())))
                    .isPresent());
            return new Bloom(
                    window.map(all -> new BloomWindow(begin.orElse(all.first()), end.orElse(all.last()))),
                    new BloomSpread(
                            begin.isPresent() ? BloomSpread.SEEN : spread.first(),
                            end.isPresent() ? BloomSpread.SEEN : spread.last()),
                    cold,
                    coldAsked,
                    seen,
                    killed);
        }

        /** Whether it lacks the cold without which a biennial stays a rosette. */
        public boolean tooLittleCold() {
            return cold < coldAsked;
        }
    }

    /**
     * First to last flower of a planting that is to seed in a season. Crops that flower after a winter count their warmth
     * from its coldest time, or from replanting, and not before they have had their cold. A perennial sown after it that
     * needs no cold counts from sowing, which is early at best: a seedling lags behind an old plant.
     */
    public Bloom of(Crop crop, int season, GrowingDays days) {
        return of(crop, season, days, ofTable(crop));
    }

    /** The same where a farm has found what a variety asks for. @param requirement as it was learned */
    public Bloom of(Crop crop, int season, GrowingDays days, Requirement requirement) {
        boolean afterWinter = afterWinter(crop, season, days);
        Cold cold = afterWinter
                ? cold(crop, year.winter(season, days.sown()), days)
                : new Cold(0, 0, Optional.of(days.sown()));
        BloomSeen looks = days.looks();
        if (days.firstFlower().isPresent()) {
            Dated first = new Dated(days.firstFlower().get(), BloomSpread.SEEN);
            return bloom(crop, first, looks, cold, true, killed(crop, first.day()));
        }
        Optional<LocalDate> killed = killed(crop, days.outdoors());
        Optional<Dated> first = first(crop, requirement, cold, days.outdoors(), afterWinter)
                .map(expected -> expected.between(looks.notYet(), looks.from().or(looks::over)))
                .or(() -> looks.from()
                        .map(day -> new Dated(day, FOUND_IN_BLOOM_DAYS).between(looks.notYet(), looks.from())));
        boolean frosted = looks.from().isEmpty()
                && first.isPresent()
                && killed.filter(day -> !day.isAfter(first.get().day())).isPresent();
        return frosted
                ? none(cold, killed)
                : first.map(day -> bloom(crop, day, looks, cold, false, killed)).orElse(none(cold, Optional.empty()));
    }

    private boolean afterWinter(Crop crop, int season, GrowingDays days) {
        boolean firstYear = crop.vernalisationWeeks() == 0
                && !days.sown().isBefore(year.coldest(season).minusDays(WARMTH_BEFORE_DAYS));
        return crop.lifeCycle().flowersAfterWinter() && !firstYear;
    }

    /**
     * The warmth a planting had until its first flower, &deg;C d: what its variety asked for here.
     *
     * @return nothing where the first flower was not seen, or the looks before and after it are too far apart to tell
     */
    public OptionalDouble warmthUntilFlower(Crop crop, int season, GrowingDays days) {
        Optional<LocalDate> first = days.firstFlower().or(() -> days.looks().firstBetween());
        boolean afterWinter = afterWinter(crop, season, days);
        Optional<LocalDate> start = afterWinter
                ? cold(crop, year.winter(season, days.sown()), days).enoughFrom()
                : Optional.of(days.sown());
        if (first.isEmpty() || start.isEmpty() || !start.get().isBefore(first.get())) {
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(start.get()
                .datesUntil(first.get())
                .mapToDouble(day -> warmth(crop, day, days.outdoors(), afterWinter))
                .sum());
    }

    /** Under glass it is warm day and night. */
    private double warmth(Crop crop, LocalDate day, LocalDate outdoors, boolean afterWinter) {
        return !afterWinter && day.isBefore(outdoors)
                ? Math.max(0, GLASS_C - crop.baseTemperature())
                : degreeDays(crop, day);
    }

    /** The first flower by the warmth it asks for; none where it is never warm or cold enough. */
    private Optional<Dated> first(
            Crop crop, Requirement requirement, Cold cold, LocalDate outdoors, boolean afterWinter) {
        if (crop.degreeDaysToFlower().isEmpty() || cold.enoughFrom().isEmpty()) {
            return Optional.empty();
        }
        LocalDate start = cold.enoughFrom().get();
        return ThermalPrediction.of(
                        0, requirement.mean(), passed -> warmth(crop, start.plusDays(passed), outdoors, afterWinter))
                .map(reached -> {
                    LocalDate first = start.plusDays(reached.day());
                    long unknown = ChronoUnit.DAYS.between(start.isAfter(today) ? start : today, first);
                    return new Dated(
                            first,
                            ForecastSpread.of(
                                            (int) Math.max(1, unknown),
                                            unknown <= 0 ? 0 : DAILY_SD,
                                            CORRELATION,
                                            Math.max(1, reached.rate()),
                                            requirement.spread(),
                                            0.8)
                                    .days());
                });
    }

    /** What the table says a crop asks for, &deg;C d, and how sure that is; nothing is asked of what needs none. */
    public static Requirement ofTable(Crop crop) {
        double mean = crop.degreeDaysToFlower().orElse(0);
        return new Requirement(mean, REQUIREMENT_SD * mean);
    }

    private static Bloom none(Cold cold, Optional<LocalDate> killed) {
        return new Bloom(Optional.empty(), BloomSpread.NONE, cold.weeks(), cold.asked(), false, killed);
    }

    private static Bloom bloom(
            Crop crop, Dated first, BloomSeen looks, Cold cold, boolean seen, Optional<LocalDate> killed) {
        LocalDate usual = first.day().plusDays(crop.floweringDays() - 1L);
        Dated last = new Dated(
                        usual,
                        BloomSpread.ofBeginning(first.spread(), crop.floweringDays())
                                .last())
                .between(
                        looks.until().map(day -> day.minusDays(1)), looks.over().map(day -> day.minusDays(1)));
        LocalDate end = last.day().isBefore(first.day()) ? first.day() : last.day();
        Optional<LocalDate> cut = killed.filter(day -> day.isAfter(first.day()) && !day.isAfter(end));
        return new Bloom(
                Optional.of(new BloomWindow(
                        first.day(), cut.map(day -> day.minusDays(1)).orElse(end))),
                new BloomSpread(first.spread(), last.spread()),
                cold.weeks(),
                cold.asked(),
                seen,
                cut);
    }

    /** Frost ends what lives for one summer; others stand the winters they are made for. */
    private Optional<LocalDate> killed(Crop crop, LocalDate outdoors) {
        return crop.lifeCycle() == LifeCycle.ANNUAL ? year.killed(crop, outdoors) : Optional.empty();
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
    private Cold cold(Crop crop, LocalDate winter, GrowingDays days) {
        LocalDate spring = days.replanted().orElse(winter.minusDays(WARMTH_BEFORE_DAYS));
        LocalDate old = days.sown().plusDays(YOUTH_DAYS);
        double weeks = 0;
        LocalDate enough = crop.vernalisationWeeks() == 0 ? spring : null;
        LocalDate from = winter.minusDays(COLD_BEFORE_DAYS);
        for (LocalDate day = old.isAfter(from) ? old : from;
                day.isBefore(winter.plusDays(COLD_AFTER_DAYS));
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
