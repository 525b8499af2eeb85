package theriseed.server.weather;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static theriseed.server.Season.record;
import static theriseed.server.Season.with;

import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import theriseed.server.Client;
import theriseed.server.EmptyFarm;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

/** On a farm of one's own nothing is made up: it has no instruments, and the forecast is what somebody typed. */
class OwnFarmTest {
    static EmptyFarm farm;
    static String planting;

    @BeforeAll
    static void planted() {
        farm = new EmptyFarm();
        String plot = farm.grower
                .post("/api/plots", Season.plotOf("Long bed", 0, 0))
                .ok()
                .get("id")
                .asString();
        String variety = farm.grower
                .post("/api/varieties", Season.varietyOf("lettuce"))
                .ok()
                .get("id")
                .asString();
        LocalDate sown = LocalDate.of(today().minusMonths(5).getYear(), 4, 1);
        planting = farm.grower
                .post(
                        "/api/plantings",
                        with(Season.plantingOf(variety, plot, sown.toString(), 60), "season", sown.getYear()))
                .ok()
                .get("id")
                .asString();
    }

    @AfterAll
    static void close() {
        farm.close();
    }

    private static LocalDate today() {
        return LocalDate.now(ZoneOffset.UTC);
    }

    private static JsonNode ripening() {
        return farm.grower.get("/api/plantings/" + planting + "/ripening").ok();
    }

    private static Map<String, Object> foretold(int days, double chance, Double rain) {
        return record("on", today().plusDays(days).toString(), "chance", chance, "rain", rain);
    }

    private static Client.Answer type(Object... days) {
        return farm.grower.put("/api/forecast", record("days", List.of(days)));
    }

    @Test
    void noInstrumentIsHeardAndNoneIsPretended() {
        assertThat(farm.grower.get("/api/instruments").ok()).isEmpty();
        Client.Answer scale = farm.grower.post("/api/instruments/scale", record("load", 500));
        assertThat(scale.status()).isEqualTo(400);
        assertThat(scale.detail()).contains("type the reading by hand");
        String shelf = farm.grower
                .post(
                        "/api/shelves",
                        record("name", "Cellar", "kind", "COOL_ROOM", "celsius", 10, "humidity", 60, "note", ""))
                .ok()
                .get("id")
                .asString();
        assertThat(farm.grower
                        .post("/api/shelves/" + shelf + "/readings", Map.of())
                        .status())
                .isEqualTo(400);
    }

    @Test
    void theForecastIsWhatWasTypedAsFarAsItGoesWithoutAGap() {
        assertThat(ripening().get("simulated").asBoolean()).isFalse();
        type(foretold(0, 20, null), foretold(1, 65, 8.0), foretold(3, 10, null)).ok();
        JsonNode days = ripening().get("days");
        assertThat(days.size()).isEqualTo(2);
        assertThat(days.get(1).at("/day/chance").asDouble()).isCloseTo(0.65, within(1e-9));
        assertThat(days.get(1).at("/day/rain").asDouble()).isEqualTo(8);
        assertThat(farm.grower.get("/api/today").ok().at("/coming/1"))
                .as("today tells the same")
                .isEqualTo(days.get(1).get("day"));
        type(foretold(1, 30, null)).ok();
        JsonNode anew = ripening().get("days");
        assertThat(anew.get(1).at("/day/chance").asDouble())
                .as("the latest stands")
                .isCloseTo(0.3, within(1e-9));
        assertThat(anew.get(1).get("dry").asDouble())
                .isGreaterThanOrEqualTo(days.get(1).get("dry").asDouble());
    }

    @Test
    void aForecastThatCannotBeIsRefusedByItsDay() {
        assertThat(type(foretold(0, 20, null), foretold(1, 120, null)).field()).isEqualTo("days[1].chance");
        assertThat(type(foretold(0, 20, 900.0)).field()).isEqualTo("days[0].rain");
        assertThat(type(foretold(-1, 20, null)).field()).isEqualTo("days[0].on");
        assertThat(type(foretold(6, 20, null)).field()).isEqualTo("days[0].on");
    }
}
