package theriseed.server.weather;

import java.time.LocalDate;
import theriseed.core.bloom.Weather;

/** A station that knows what each day was. */
public interface WeatherStation {
    /** What it calls itself where its figures are shown. */
    String name();

    /** Lowest and highest of a day that is over, &deg;C. */
    Weather.Day of(LocalDate day);
}
