package theriseed.server.handbook;

import static org.assertj.core.api.Assertions.assertThat;
import static theriseed.server.Season.record;
import static theriseed.server.Season.with;

import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

/** With a crop that nothing else of the tests grows. */
@DemoFarmTest
class OwnFiguresTest {
    private static final String FIGURES = "/api/crops/okra/figures";

    @LocalServerPort
    int port;

    Season season;

    @BeforeEach
    void season() {
        season = new Season(port);
    }

    private JsonNode figure(String name) {
        for (JsonNode figure : season.grower.get(FIGURES).ok()) {
            if (figure.get("figure").asString().equals(name)) {
                return figure;
            }
        }
        throw new AssertionError(name);
    }

    private static Map<String, Object> own(Object value, int version, String reason) {
        return record("value", value, "version", version, "reason", reason);
    }

    @Test
    void theFarmsOwnFigureRulesAndSaysWhatItChangesBeforeItIsKept() {
        double general = figure("PLANTS_MARKET").get("general").asDouble();
        String planting = season.grower
                .post("/api/plantings", Season.plantingOf(season.variety("okra"), season.plot(), "2026-04-20", (int)
                        general))
                .ok()
                .get("id")
                .asString();
        String path = FIGURES + "/PLANTS_MARKET";
        JsonNode changes =
                season.grower.get(path + "/changes?value=" + (general * 2)).ok();
        assertThat(changes).hasSize(1);
        assertThat(changes.at("/0/before/population/mark").asString()).isEqualTo("CLEAR");
        assertThat(changes.at("/0/after/population/mark").asString()).isEqualTo("SHORT");
        assertThat(asked(planting)).isEqualTo(general);

        season.grower.put(path, own(general * 2, 0, "our line is narrow")).ok();
        assertThat(asked(planting)).isEqualTo(general * 2);
        assertThat(figure("PLANTS_MARKET").get("reason").asString()).isEqualTo("our line is narrow");
        assertThat(season.grower.put(path, own(99, 7, "late")).status()).isEqualTo(409);

        season.grower.put(path, own(null, 0, "it recovered")).ok();
        assertThat(asked(planting)).isEqualTo(general);
    }

    private double asked(String planting) {
        return season.grower
                .get("/api/plantings/" + planting)
                .ok()
                .at("/planting/population/asked")
                .asDouble();
    }

    @Test
    void aFigureThatCannotBeIsRefusedAndNeedsItsReason() {
        String path = FIGURES + "/ISOLATION_MARKET";
        Client.Answer refused = season.grower.put(path, own(-5, 0, "no"));
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.field()).isEqualTo("value");
        assertThat(refused.detail()).contains("value: -5");
        assertThat(season.grower.put(path, own(400, 0, " ")).field()).isEqualTo("reason");
        assertThat(season.grower.get(path + "/changes?value=90000").status()).isEqualTo(400);
        assertThat(Client.as("hand", port).put(path, with(own(400, 0, "mine"))).status())
                .isEqualTo(403);
        assertThat(figure("ISOLATION_MARKET").has("own")).isFalse();
    }
}
