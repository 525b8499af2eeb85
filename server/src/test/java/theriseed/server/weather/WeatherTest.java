package theriseed.server.weather;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.core.bloom.ClimateNormals;
import theriseed.core.bloom.Weather;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

@DemoFarmTest
class WeatherTest {
    @LocalServerPort
    int port;

    Client grower;

    @BeforeEach
    void grower() {
        grower = new Season(port).grower;
    }

    @Test
    void theDemoFarmsStationSaysThatItIsSimulated() {
        JsonNode weather = grower.get("/api/weather").ok();
        assertThat(weather.at("/known/day").asString()).isEqualTo("2026-08-13");
        assertThat(weather.at("/known/source").asString()).isEqualTo("simulated station");
    }

    @Test
    void theSimulatedStationStaysNearTheUsualYearAndIsTheSameEveryTime() {
        ClimateNormals usual = new ClimateNormals(11.75, 5.75, 25, 4);
        SimulatedStation station = new SimulatedStation(usual);
        double off = 0;
        LocalDate day = LocalDate.of(2024, 1, 1);
        for (int i = 0; i < 731; i++) {
            Weather.Day air = station.of(day.plusDays(i));
            assertThat(new SimulatedStation(usual).of(day.plusDays(i))).isEqualTo(air);
            double away =
                    (air.low() + air.high()) / 2 - usual.dayMean(day.plusDays(i).getDayOfYear());
            assertThat(Math.abs(away)).isLessThan(4);
            off += away / 731;
        }
        assertThat(Math.abs(off)).isLessThan(0.4);
    }
}
