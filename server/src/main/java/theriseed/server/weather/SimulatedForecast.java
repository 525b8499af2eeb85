package theriseed.server.weather;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;
import theriseed.core.bloom.Weather;
import theriseed.core.day.Vapour;
import theriseed.core.harvest.DryDay;
import theriseed.core.harvest.HarvestWeather;
import theriseed.server.farm.Farms;

/**
 * A simulated forecast: the simulated station's warmth of the coming days, with rain that comes and goes, the same for
 * the same day every time. It knows nothing of the weather.
 */
@Component
class SimulatedForecast implements WeatherForecast {
    private static final double WARMEST_HOUR = 15;
    private static final double WET_FROM = 0.62;
    private static final double MOST_RAIN_MM = 14;
    private static final double WET_DEW_C = 1.5;

    private final Farms farms;

    SimulatedForecast(Farms farms) {
        this.farms = farms;
    }

    @Override
    public boolean simulated() {
        return true;
    }

    @Override
    public List<HarvestWeather.Forecast> days(LocalDate from) {
        SimulatedStation station = new SimulatedStation(farms.get().climate());
        return IntStream.range(0, MOST_DAYS)
                .mapToObj(from::plusDays)
                .map(day -> day(day, station.of(day)))
                .toList();
    }

    private static HarvestWeather.Forecast day(LocalDate day, Weather.Day air) {
        double damp = dampness(day.toEpochDay());
        boolean wet = damp > WET_FROM;
        double rain = wet ? Math.rint(MOST_RAIN_MM * (damp - WET_FROM) / (1 - WET_FROM) * 10) / 10 : 0;
        double chance = Math.rint(Math.min(0.9, wet ? 0.5 + 0.4 * damp : 0.4 * damp) * 20) / 20;
        double dew = air.low() + (wet ? WET_DEW_C : 0);
        List<DryDay.Hour> hours = IntStream.range(0, 24)
                .mapToObj(hour -> {
                    double swing = Math.cos(2 * Math.PI * (hour - WARMEST_HOUR) / 24);
                    double warmth = (air.low() + air.high()) / 2 + (air.high() - air.low()) / 2 * swing;
                    return new DryDay.Hour(warmth, Vapour.humidity(warmth, dew));
                })
                .toList();
        return new HarvestWeather.Forecast(day, rain, chance, hours);
    }

    /** From 0 to 1, for a day always the same, and near days alike as weather is. */
    private static double dampness(long day) {
        double spell = (Math.sin(day * 0.9) + Math.sin(day * 0.37 + 1)) / 4 + 0.5;
        double own = ((day * 2_654_435_761L >>> 8) & 0xFF) / 255.0;
        return 0.65 * spell + 0.35 * own;
    }
}
