package theriseed.server.weather;

import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import org.springframework.stereotype.Service;
import theriseed.core.day.DayCourse;
import theriseed.core.harvest.HarvestWeather;
import theriseed.server.base.FarmTime;
import theriseed.server.base.Maybe;
import theriseed.server.base.ReadsOnly;
import theriseed.server.farm.FarmView;
import theriseed.server.farm.Farms;

/** Today and the days after it, as far as they are forecast. */
@Service
public class ComingDays {
    private final WeatherForecast forecast;
    private final Farms farms;
    private final FarmTime time;

    ComingDays(WeatherForecast forecast, Farms farms, FarmTime time) {
        this.forecast = forecast;
        this.farms = farms;
        this.time = time;
    }

    /**
     * A day that is forecast.
     *
     * @param low &deg;C, likewise {@code high}
     * @param rain mm, at the likeliest
     * @param chance of rain, 0 to 1
     * @param from hour from which it is dry enough to cut seed, if no rain comes; absent where it never is
     * @param dryHours hours of work in which it is
     * @param fitChance chance that it has the hours a dry cut takes, 0 to 1
     */
    public record ComingDay(
            LocalDate on,
            double low,
            double high,
            double rain,
            double chance,
            @Maybe Integer from,
            int dryHours,
            double fitChance) {
        public static ComingDay of(HarvestWeather.Fit fit) {
            HarvestWeather.Forecast day = fit.forecast();
            return new ComingDay(
                    day.on(),
                    Collections.min(day.air()),
                    Collections.max(day.air()),
                    day.rain(),
                    day.chance(),
                    fit.from() < 0 ? null : fit.from(),
                    (int) fit.dry().hours(),
                    fit.dry().fitChance());
        }
    }

    /** Whether whoever forecasts knows nothing of the weather. */
    public boolean simulated() {
        return forecast.simulated();
    }

    /** From today on; no days where nobody says. */
    @ReadsOnly
    public HarvestWeather weather() {
        FarmView farm = farms.get();
        List<HarvestWeather.Forecast> coming = forecast.days(time.today());
        return HarvestWeather.of(
                coming, coming.stream().map(day -> light(farm, day.on())).toList(), 0);
    }

    private HarvestWeather.Light light(FarmView farm, LocalDate day) {
        DayCourse course = DayCourse.of(farm.spot(), farm.climate(), day, time.zone());
        return new HarvestWeather.Light(course.dewOff(), course.sunset());
    }
}
