package theriseed.server.weather;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.day.DayCourse;
import theriseed.core.day.Vapour;
import theriseed.core.harvest.DryDay;
import theriseed.core.harvest.HarvestWeather;
import theriseed.core.measure.Range;
import theriseed.core.season.SeasonDates;
import theriseed.server.base.FarmTime;
import theriseed.server.base.HandsWork;
import theriseed.server.base.Maybe;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Stamps;
import theriseed.server.farm.FarmView;
import theriseed.server.farm.Farms;

/**
 * Chances of rain that somebody read elsewhere and typed. How warm and how damp the hours are is as usual there on such a day:
 * the water in the air is that of dew at the day's lowest.
 */
@Service
public class TypedForecast implements WeatherForecast {
    private final ForetoldDayRepository days;
    private final Farms farms;
    private final Stamps stamps;
    private final FarmTime time;

    TypedForecast(ForetoldDayRepository days, Farms farms, Stamps stamps, FarmTime time) {
        this.days = days;
        this.farms = farms;
        this.stamps = stamps;
        this.time = time;
    }

    /** @param chance of rain, percent; {@code rain} in millimetres, null where nobody says how much */
    public record Foretold(
            LocalDate on, double chance, @Maybe Double rain) {}

    @Override
    public boolean simulated() {
        return false;
    }

    /** As far as they were typed without a gap. */
    @Override
    @ReadsOnly
    public List<HarvestWeather.Forecast> days(LocalDate from) {
        FarmView farm = farms.get();
        List<HarvestWeather.Forecast> coming = new ArrayList<>();
        for (ForetoldDay day : days.findByDayBetweenOrderByDay(from, from.plusDays(MOST_DAYS - 1))) {
            if (!day.day().equals(from.plusDays(coming.size()))) {
                break;
            }
            coming.add(new HarvestWeather.Forecast(day.day(), day.rain(), day.chance(), hours(farm, day.day())));
        }
        return coming;
    }

    private List<DryDay.Hour> hours(FarmView farm, LocalDate day) {
        List<Double> warmth =
                DayCourse.of(farm.spot(), farm.climate(), day, time.zone()).temperatures();
        double dew = warmth.stream().mapToDouble(Double::doubleValue).min().orElseThrow();
        return IntStream.range(0, 24)
                .mapToObj(hour -> new DryDay.Hour(warmth.get(hour), Vapour.humidity(warmth.get(hour), dew)))
                .toList();
    }

    /** What was typed of a day before no longer counts. */
    @HandsWork
    @Transactional
    public void type(List<Foretold> typed) {
        Range.of(1, MOST_DAYS, "days").check("days", typed.size());
        LocalDate today = time.today();
        Map<LocalDate, ForetoldDay> known =
                days.findByDayBetweenOrderByDay(today, today.plusDays(MOST_DAYS - 1)).stream()
                        .collect(Collectors.toMap(ForetoldDay::day, Function.identity()));
        for (int i = 0; i < typed.size(); i++) {
            Foretold one = typed.get(i);
            String field = "days[" + i + "].";
            SeasonDates.check(field + "on", one.on(), today, today.plusDays(MOST_DAYS - 1));
            double chance = Range.of(0, 100, "%").check(field + "chance", one.chance());
            double rain = one.rain() == null ? 0 : Range.of(0, 500, "mm").check(field + "rain", one.rain());
            ForetoldDay day = known.computeIfAbsent(one.on(), ForetoldDay::new);
            day.become(
                    BigDecimal.valueOf(chance / 100).setScale(3, RoundingMode.HALF_UP),
                    BigDecimal.valueOf(rain).setScale(1, RoundingMode.HALF_UP),
                    stamps.now());
        }
        days.saveAll(known.values());
    }
}
