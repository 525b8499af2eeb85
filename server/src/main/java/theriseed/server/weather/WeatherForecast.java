package theriseed.server.weather;

import java.time.LocalDate;
import java.util.List;
import theriseed.core.harvest.HarvestWeather;

/** What the weather of the coming days is expected to be. */
public interface WeatherForecast {
    /** Today and five after it. */
    int MOST_DAYS = 6;

    /** Whether it knows nothing of the weather. */
    boolean simulated();

    /** Days from this one on, at most {@value #MOST_DAYS}; none where nobody says. */
    List<HarvestWeather.Forecast> days(LocalDate from);
}
