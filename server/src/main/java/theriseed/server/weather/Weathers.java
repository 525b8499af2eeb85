package theriseed.server.weather;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.bloom.OwnClimate;
import theriseed.core.bloom.Weather;
import theriseed.server.base.Changes;
import theriseed.server.base.FarmTime;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Stamps;
import theriseed.server.farm.Farms;

/** The days that are known, and the usual ones for all others. */
@Service
public class Weathers {
    private final WeatherDayRepository days;
    private final Farms farms;
    private final Stamps stamps;
    private final FarmTime time;
    private final Changes.Kinds known;

    Weathers(WeatherDayRepository days, Farms farms, Stamps stamps, FarmTime time, Changes changes) {
        this.days = days;
        this.farms = farms;
        this.stamps = stamps;
        this.time = time;
        this.known = changes.of(WeatherDay.class).and(farms.records());
    }

    /** The weather that plantings of these seasons live through: from the sowing of its biennials to the winter after. */
    @ReadsOnly
    public Weather ofSeasons(int first, int last) {
        Map<LocalDate, Weather.Day> actual = new HashMap<>();
        days.figures(LocalDate.of(first - 2, 10, 1), LocalDate.of(last + 1, 6, 30))
                .forEach(day -> actual.put(day.day(), new Weather.Day(day.low(), day.high())));
        return new Weather(farms.get().climate(), actual);
    }

    /** The records that the weather of a season is known from. */
    public Changes.Kinds records() {
        return known;
    }

    /** The last day that is known, with where it comes from; nothing when none is. */
    @ReadsOnly
    public LastKnown lastKnown() {
        return days.findFirstByOrderByDayDesc()
                .map(day -> new LastKnown(day.day(), day.air().low(), day.air().high(), day.source()))
                .orElse(null);
    }

    /** Every day that is known, with where it comes from, in their order. */
    @ReadsOnly
    public List<KnownDay> all() {
        return days.findAll(Sort.by("day")).stream()
                .map(day -> new KnownDay(day.day(), day.air(), day.source()))
                .toList();
    }

    /** The last of them: lowest and highest, &deg;C. */
    public record LastKnown(LocalDate day, double low, double high, String source) {}

    /** A day that is known. */
    public record KnownDay(LocalDate day, Weather.Day air, String source) {}

    /** The usual year as the farm's own days tell it. @throws theriseed.core.measure.OutOfRange where too few are known */
    @ReadsOnly
    public OwnClimate ownClimate() {
        return OwnClimate.of(days.figures(LocalDate.EPOCH, time.today()).stream()
                .collect(Collectors.toMap(
                        WeatherDayRepository.Figures::day, day -> new Weather.Day(day.low(), day.high()))));
    }

    /** Writes down what a station measured, day by day up to yesterday. */
    @GrowersWork
    @Transactional
    public void takeDown(WeatherStation station, LocalDate from) {
        Map<LocalDate, Weather.Day> measured = new HashMap<>();
        for (LocalDate day = from; day.isBefore(time.today()); day = day.plusDays(1)) {
            measured.put(day, station.of(day));
        }
        keep(measured, station.name());
    }

    /** Days that are known already become what is given; the latest reading stands. */
    @GrowersWork
    @Transactional
    public void keep(Map<LocalDate, Weather.Day> given, String source) {
        Map<LocalDate, WeatherDay> known = days.findAllById(given.keySet()).stream()
                .collect(Collectors.toMap(WeatherDay::day, Function.identity()));
        days.saveAll(given.entrySet().stream()
                .map(entry -> {
                    WeatherDay day = known.get(entry.getKey());
                    if (day == null) {
                        return new WeatherDay(entry.getKey(), entry.getValue(), source, stamps.now());
                    }
                    day.become(entry.getValue(), source, stamps.now());
                    return day;
                })
                .toList());
    }
}
