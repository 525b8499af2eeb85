package theriseed.server.ground;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static theriseed.server.Season.record;
import static theriseed.server.Season.with;

import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

@DemoFarmTest
class GroundTest {
    @LocalServerPort
    int port;

    Season season;

    @BeforeEach
    void season() {
        season = new Season(port);
    }

    private static Map<String, Object> plotOf(String name, double east, double north) {
        return record(
                "name",
                name,
                "east",
                east,
                "north",
                north,
                "width",
                40,
                "length",
                12,
                "turned",
                15,
                "positionError",
                3);
    }

    private static Map<String, Object> seen(String crop, double east, double north) {
        return record(
                "name",
                "Croft over the burn",
                "cropKey",
                crop,
                "east",
                east,
                "north",
                north,
                "area",
                50,
                "season",
                2026,
                "bloomFirst",
                "2026-06-20",
                "bloomLast",
                "2026-09-10",
                "seenOn",
                "2026-08-10",
                "sure",
                true);
    }

    @Test
    void aPlotKeepsItsSizeAndPlaceHoweverItIsTurned() {
        JsonNode plot =
                season.grower.post("/api/plots", plotOf("Turned", -2000, 2500)).ok();
        assertThat(plot.get("area").asDouble()).isCloseTo(480, within(0.5));
        JsonNode ground = season.grower.get("/api/ground?season=2026").ok();
        for (JsonNode shape : ground.get("plots")) {
            if (shape.at("/plot/id").equals(plot.get("id"))) {
                double east = 0;
                double north = 0;
                for (JsonNode corner : shape.get("corners")) {
                    east += corner.get("east").asDouble() / 4;
                    north += corner.get("north").asDouble() / 4;
                }
                assertThat(east).isCloseTo(-2000, within(0.1));
                assertThat(north).isCloseTo(2500, within(0.1));
                return;
            }
        }
        throw new AssertionError("the plot is not on the ground");
    }

    @Test
    void noPlotLiesOnAnotherOrTakesItsName() {
        season.grower.post("/api/plots", plotOf("First here", -2000, 3000)).ok();
        Client.Answer upon = season.grower.post("/api/plots", plotOf("Second here", -1990, 3004));
        assertThat(upon.status()).isEqualTo(400);
        assertThat(upon.detail()).contains("It would lie on First here");
        Client.Answer same = season.grower.post("/api/plots", plotOf(" first HERE", -2000, 3200));
        assertThat(same.field()).isEqualTo("name");
        season.grower.post("/api/plots", plotOf("Beside it", -1955, 3012)).ok();
    }

    @ParameterizedTest
    @CsvSource({
        "width, 0, width",
        "length, -3, length",
        "width, 99999, width",
        "east, 6000, east",
        "positionError, -1, positionError",
        "name, '', name"
    })
    void aPlotThatCannotBeIsRefusedByField(String part, String value, String field) {
        Client.Answer refused = season.grower.post("/api/plots", with(plotOf("Nowhere", -3000, 3500), part, value));
        assertThat(refused.status()).as(refused.text()).isEqualTo(400);
        assertThat(refused.field()).isEqualTo(field);
    }

    @Test
    void aCorrectedPlotKeepsWhereItWas() {
        Map<String, Object> shape = plotOf("Moved", -2500, 2000);
        JsonNode plot = season.grower.post("/api/plots", shape).ok();
        String path = "/api/plots/" + plot.get("id").asString();
        Map<String, Object> moved = with(shape, "east", -2450, "version", 0, "reason", "paced it out");
        assertThat(season.grower.put(path, moved).ok().get("version").asInt()).isEqualTo(1);
        assertThat(season.grower.put(path, moved).status()).isEqualTo(409);
    }

    @Test
    void aNeighboursCropThreatensWhatItCrossesAndNothingElse() {
        double north = -2500;
        season.grower.post("/api/neighbours", seen("courgette", -2500, north)).ok();
        String variety = season.variety("pumpkin-pepo");
        JsonNode pumpkin = season.grower
                .post("/api/plantings", Season.plantingOf(variety, season.plotAt(-2400, north), "2026-05-10", 30))
                .ok();
        JsonNode threat = pumpkin.at("/isolation/threats/0");
        assertThat(threat.get("neighbour").asBoolean()).isTrue();
        assertThat(threat.get("name").asString()).isEqualTo("Croft over the burn");
        assertThat(threat.get("metres").asDouble()).isCloseTo(80, within(1.0));
        assertThat(pumpkin.at("/isolation/verdict").asString()).isEqualTo("CROSSES");
        JsonNode melon = season.grower
                .post(
                        "/api/plantings",
                        Season.plantingOf(season.variety("melon"), season.plotAt(-2400, north - 40), "2026-05-10", 30))
                .ok();
        assertThat(melon.at("/isolation/threats").findValuesAsString("name")).doesNotContain("Croft over the burn");
    }

    @Test
    void whatWasSeenIsSeenByNowAndHasAWholeBloom() {
        assertThat(season.grower
                        .post("/api/neighbours", with(seen("kale", 900, 900), "seenOn", "2026-08-20"))
                        .field())
                .isEqualTo("seenOn");
        Map<String, Object> half = seen("kale", 900, 900);
        half.remove("bloomLast");
        assertThat(season.grower.post("/api/neighbours", half).field()).isEqualTo("bloomLast");
        assertThat(season.grower
                        .post("/api/neighbours", with(seen("kale", 900, 900), "bloomLast", "2026-06-01"))
                        .status())
                .isEqualTo(400);
        assertThat(Client.as("visitor", port)
                        .post("/api/neighbours", seen("kale", 900, 900))
                        .status())
                .isEqualTo(403);
    }
}
