package theriseed.server.sheet;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import theriseed.core.bloom.ClimateNormals;
import theriseed.core.bloom.Weather;
import theriseed.core.measure.OutOfRange;
import theriseed.core.measure.Refusal;
import theriseed.server.base.FarmTime;
import theriseed.server.base.Refused;
import theriseed.server.farm.Farms;
import theriseed.server.weather.Weathers;

/** The air of each day, as a diary or a station of any make tells it: lowest and highest, or readings of its hours. */
@Component
class WeatherSheet implements Sheet {
    private static final LocalDate FIRST = LocalDate.of(2000, 1, 1);

    /** A file whose days are on average so far from usual is not in the unit that was said, or not from here. */
    private static final double FAR_FROM_USUAL_C = 15;

    /** A day with fewer of the usual readings has perhaps neither its night nor its noon. */
    private static final double WHOLE = 0.8;

    private static final int MOST_NOTES = 20;

    private final Weathers weathers;
    private final Farms farms;
    private final FarmTime time;

    WeatherSheet(Weathers weathers, Farms farms, FarmTime time) {
        this.weathers = weathers;
        this.farms = farms;
        this.time = time;
    }

    @Override
    public String name() {
        return "weather";
    }

    /** Ten years by the hour. */
    @Override
    public int most() {
        return 100_000;
    }

    @Override
    public List<Column> columns() {
        return List.of(
                Column.day("day", "day, or day and hour, by the clock of the farm")
                        .needed()
                        .alike("date", "datetime", "date_time", "time", "timestamp", "datum", "observed", "obs_time"),
                Column.numbers("low_c", "lowest of the day")
                        .alike(
                                "tmin",
                                "temp_min",
                                "min_temp",
                                "temperature_min",
                                "min",
                                "minimum",
                                "t_min",
                                "low_temp"),
                Column.numbers("high_c", "highest of the day")
                        .alike(
                                "tmax",
                                "temp_max",
                                "max_temp",
                                "temperature_max",
                                "max",
                                "maximum",
                                "t_max",
                                "high_temp"),
                Column.numbers("air_c", "a reading, where there are several a day and no lowest and highest")
                        .alike("temp", "temperature", "outdoor_temperature", "temp_out", "t", "tair", "outside_temp"),
                Column.of("source", "where it was measured"));
    }

    @Override
    public Stream<List<Object>> lines() {
        return weathers.all().stream()
                .map(known -> Arrays.asList(
                        known.day(), known.air().low(), known.air().high(), null, known.source()));
    }

    @Override
    public Taker taker(List<Line> lines, boolean keep) {
        Map<LocalDate, Weather.Day> there = new HashMap<>();
        weathers.all().forEach(known -> there.put(known.day(), known.air()));
        return new Days(there);
    }

    /** Readings of one day. */
    private static final class Readings {
        private double low = Double.POSITIVE_INFINITY;
        private double high = Double.NEGATIVE_INFINITY;
        private int count;

        void add(double air) {
            low = Math.min(low, air);
            high = Math.max(high, air);
            count++;
        }
    }

    /** Gathers days, and keeps them once all are known. */
    private final class Days implements Taker {
        private final Map<LocalDate, Weather.Day> there;
        private final Map<String, Map<LocalDate, Weather.Day>> bySource = new HashMap<>();
        private final Map<LocalDate, Weather.Day> given = new TreeMap<>();
        private final Map<LocalDate, Readings> hours = new TreeMap<>();
        private final List<String> notes = new ArrayList<>();
        private String measured = "";

        Days(Map<LocalDate, Weather.Day> there) {
            this.there = there;
        }

        @Override
        public Effect take(Line line) {
            LocalDate day = line.day("day");
            if (day.isBefore(FIRST) || day.isAfter(time.today())) {
                throw new OutOfRange("day", day, new Refusal.OutsideDays(FIRST, time.today()));
            }
            String source = line.has("source") ? line.text("source", 60) : "read from a file";
            if (line.has("air_c") && !line.has("low_c") && !line.has("high_c")) {
                measured = source;
                Weather.Day reading = air(line.decimal("air_c"), line.decimal("air_c"));
                hours.computeIfAbsent(day, one -> new Readings()).add(reading.low());
                return Effect.PART;
            }
            Weather.Day air = air(line.decimal("low_c"), line.decimal("high_c"));
            if (given.put(day, air) != null) {
                throw Line.wrong("day", day.toString(), "once");
            }
            return keep(day, air, source);
        }

        private Effect keep(LocalDate day, Weather.Day air, String source) {
            Weather.Day known = there.get(day);
            if (known != null && known.low() == air.low() && known.high() == air.high()) {
                return Effect.SAME;
            }
            bySource.computeIfAbsent(source, one -> new TreeMap<>()).put(day, air);
            return known == null ? Effect.NEW : Effect.CHANGED;
        }

        private static Weather.Day air(BigDecimal low, BigDecimal high) {
            if (high.compareTo(low) < 0) {
                throw new Refused("high_c", high, "weather.swapped", "low", low);
            }
            return new Weather.Day(low.doubleValue(), high.doubleValue());
        }

        @Override
        public Counted all() {
            Map<Effect, Integer> counts = daysOfHours();
            checkUnit();
            bySource.forEach((source, days) -> weathers.keep(days, source));
            noteGaps();
            return new Counted(
                    counts.getOrDefault(Effect.NEW, 0),
                    counts.getOrDefault(Effect.CHANGED, 0),
                    counts.getOrDefault(Effect.SAME, 0));
        }

        private Map<Effect, Integer> daysOfHours() {
            int usual = hours.values().stream().mapToInt(one -> one.count).max().orElse(0);
            if (usual == 1) {
                throw new Refused("air_c", "one reading a day", "weather.oneReading");
            }
            Map<Effect, Integer> counts = new EnumMap<>(Effect.class);
            hours.forEach((day, one) -> {
                Weather.Day air = new Weather.Day(one.low, one.high);
                if (one.count < WHOLE * usual) {
                    notes.add(day + " has " + one.count + " of " + usual + " readings and is left out");
                } else if (given.putIfAbsent(day, air) == null) {
                    counts.merge(keep(day, air, measured), 1, Integer::sum);
                }
            });
            return counts;
        }

        private void checkUnit() {
            ClimateNormals usual = farms.get().climate();
            double off = given.entrySet().stream()
                    .mapToDouble(
                            entry -> (entry.getValue().low() + entry.getValue().high()) / 2
                                    - usual.dayMean(entry.getKey().getDayOfYear()))
                    .average()
                    .orElse(0);
            if (Math.abs(off) > FAR_FROM_USUAL_C) {
                String column = hours.isEmpty() ? "low_c" : "air_c";
                throw off > 0
                        ? new Refused(column, Math.round(off), "weather.tooWarm", "by", Math.round(off))
                        : new Refused(column, Math.round(off), "weather.tooCold", "by", Math.round(-off));
            }
        }

        private void noteGaps() {
            LocalDate before = null;
            for (LocalDate day : given.keySet()) {
                if (before != null && before.plusDays(1).isBefore(day)) {
                    LocalDate first = before.plusDays(1);
                    LocalDate last = day.minusDays(1);
                    notes.add((first.equals(last) ? "no line for " + first : "no line for " + first + " to " + last)
                            + ": the usual warmth stands in");
                }
                before = day;
            }
        }

        @Override
        public List<String> notes() {
            return notes.stream().limit(MOST_NOTES).toList();
        }
    }
}
