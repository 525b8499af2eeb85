package theriseed.server.instrument;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import org.springframework.stereotype.Component;
import theriseed.core.bloom.Weather;
import theriseed.core.day.Vapour;
import theriseed.server.base.FarmTime;
import theriseed.server.farm.Farms;
import theriseed.server.weather.SimulatedStation;

/**
 * A simulated shed: its air follows the simulated station's day, less wide and two hours late; a mash is as warm as
 * the shed was on average and a little warmer by its own work. It measures nothing.
 */
@Component
class SimulatedShed {
    private static final double WARMEST_HOUR = 17;
    private static final double DAMPED = 0.6;
    private static final double OWN_WARMTH_C = 1.5;

    private final Farms farms;
    private final FarmTime time;

    SimulatedShed(Farms farms, FarmTime time) {
        this.farms = farms;
        this.time = time;
    }

    /** Air, &deg;C. */
    double air(Instant moment) {
        LocalDateTime local = LocalDateTime.ofInstant(moment, time.zone());
        Weather.Day day = day(local.toLocalDate());
        double hour = local.getHour() + local.getMinute() / 60.0;
        double swing = Math.cos(2 * Math.PI * (hour - WARMEST_HOUR) / 24);
        return (day.low() + day.high()) / 2 + DAMPED * (day.high() - day.low()) / 2 * swing;
    }

    /** Relative humidity, %: the water in the air is that of dew at the day's lowest. */
    double humidity(Instant moment) {
        LocalDate day = LocalDate.ofInstant(moment, time.zone());
        return Vapour.humidity(air(moment), day(day).low());
    }

    /** A mash in a bucket, &deg;C. */
    double mash(LocalDate day) {
        Weather.Day air = day(day);
        return (air.low() + air.high()) / 2 + OWN_WARMTH_C;
    }

    private Weather.Day day(LocalDate day) {
        return new SimulatedStation(farms.get().climate()).of(day);
    }
}
