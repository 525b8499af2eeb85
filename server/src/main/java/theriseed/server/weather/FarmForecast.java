package theriseed.server.weather;

import java.time.LocalDate;
import java.util.List;
import org.springframework.context.annotation.Primary;
import org.springframework.stereotype.Component;
import theriseed.core.harvest.HarvestWeather;
import theriseed.server.farm.Farms;

/** The forecast of this farm: on the demo farm a simulated one, on a farm of one's own what was typed. */
@Component
@Primary
class FarmForecast implements WeatherForecast {
    private final SimulatedForecast simulated;
    private final TypedForecast typed;
    private final Farms farms;

    FarmForecast(SimulatedForecast simulated, TypedForecast typed, Farms farms) {
        this.simulated = simulated;
        this.typed = typed;
        this.farms = farms;
    }

    private WeatherForecast here() {
        return farms.get().demo() ? simulated : typed;
    }

    @Override
    public boolean simulated() {
        return here().simulated();
    }

    @Override
    public List<HarvestWeather.Forecast> days(LocalDate from) {
        return here().days(from);
    }
}
