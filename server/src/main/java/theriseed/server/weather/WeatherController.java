package theriseed.server.weather;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import theriseed.core.bloom.ClimateNormals;
import theriseed.server.base.HandsWork;
import theriseed.server.base.Maybe;
import theriseed.server.farm.Farms;

/** The weather over HTTP. */
@RestController
class WeatherController {
    private final Weathers weathers;
    private final TypedForecast forecast;
    private final Farms farms;

    WeatherController(Weathers weathers, TypedForecast forecast, Farms farms) {
        this.weathers = weathers;
        this.forecast = forecast;
        this.farms = farms;
    }

    /** @param known absent while no day is known and every date rests on the usual year */
    record WeatherView(ClimateNormals usual, @Maybe Weathers.LastKnown known) {}

    @GetMapping("/api/weather")
    WeatherView weather() {
        return new WeatherView(farms.get().climate(), weathers.lastKnown());
    }

    record ForecastRequest(@NotNull List<TypedForecast.Foretold> days) {}

    /** Types what is forecast of the coming days. */
    @HandsWork
    @PutMapping("/api/forecast")
    void forecast(@Valid @RequestBody ForecastRequest request) {
        forecast.type(request.days());
    }
}
