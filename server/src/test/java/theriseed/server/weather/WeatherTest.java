package theriseed.server.weather;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.core.bloom.ClimateNormals;
import theriseed.core.bloom.Weather;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

@DemoFarmTest
class WeatherTest {
    private static final String READ = "/api/weather/file?name=diary.csv&keep=";

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

    @Test
    void daysFromAFileAreKeptOnlyWhenTheyAreMeantTo() {
        String file = "Day,Low,High\n2019-05-01,6.1,13.2\n2019-05-02, 7.0 ,14\n2019-05-05,5,12.5\n";
        JsonNode asked = grower.post(READ + false, file).ok();
        assertThat(asked.get("days").asInt()).isEqualTo(3);
        assertThat(asked.at("/gaps/0").asString()).isEqualTo("2019-05-03 to 2019-05-04");
        assertThat(asked.get("kept").asBoolean()).isFalse();
        assertThat(grower.post(READ + true, file).ok().get("kept").asBoolean()).isTrue();
        assertThat(grower.post(READ + true, file.replace("13.2", "13.4"))
                        .ok()
                        .get("kept")
                        .asBoolean())
                .isTrue();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2019-05-01,13,6 | Line 2, high: 6.0 is below the low of 13; are they swapped?",
                "2019-05-01,6 | Line 2",
                "1 May,6,13 | Line 2, day: 1 May is not a day such as 2026-04-30",
                "2031-05-01,6,13 | Line 2, day: 1 May 2031 is not allowed",
                "2019-05-01,six,13 | Line 2, low: six is not a number",
                "2019-05-01,6,99 | Line 2, high: 99 °C is not allowed",
                "2019-05-01,44,58 | warmer than usual here: are they in °C",
            })
    void aLineThatIsWrongIsNamedAndNothingIsKept(String line, String fault) {
        JsonNode read = grower.post(READ + true, "day,low,high\n" + line + "\n2019-05-02,40,60\n")
                .ok();
        assertThat(read.get("kept").asBoolean()).isFalse();
        assertThat(read.get("faults").toString()).contains(fault);
    }

    @Test
    void aFileThatIsSomethingElseIsRefused() {
        assertThat(grower.post(READ + false, "date;min;max\n1;2;3").detail()).contains("columns day,low,high");
        assertThat(grower.post(READ + false, "day,low,high\n").detail()).contains("no row");
        assertThat(Client.as("hand", port)
                        .post(READ + true, "day,low,high\n2019-05-01,6,13")
                        .status())
                .isEqualTo(403);
    }
}
