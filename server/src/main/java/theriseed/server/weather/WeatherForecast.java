package theriseed.server.weather;

import java.time.LocalDate;
import java.util.List;
import theriseed.core.harvest.HarvestWeather;

/** What the weather of the coming days is expected to be. */
public interface WeatherForecast {
    /** Who says so, and that it is simulated where it is. */
    String name();

    /** Days from this one on, at most five. */
    List<HarvestWeather.Forecast> days(LocalDate from);
}
