package theriseed.server.struckout;

import static org.assertj.core.api.Assertions.assertThat;
import static theriseed.server.Season.record;

import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;

@DemoFarmTest
class StrikeOutsTest {
    @LocalServerPort
    int port;

    Season season;
    Client grower;

    @BeforeEach
    void grower() {
        season = new Season(port);
        grower = season.grower;
    }

    private static Map<String, Object> struck(String kind, String id) {
        return record("kind", kind, "recordId", id, "because", "made twice");
    }

    @Test
    void aVarietyThatNothingRestsOnIsGoneAndComesBackAsItWas() {
        String id = season.variety("lettuce");
        String before = grower.get("/api/varieties/" + id).ok().get("variety").toString();
        String out = grower.post("/api/struck-out", struck("VARIETY", id))
                .ok()
                .get("id")
                .asString();
        assertThat(grower.get("/api/varieties/" + id).status()).isEqualTo(404);
        assertThat(grower.get("/api/varieties?size=200").text()).doesNotContain(id);
        assertThat(grower.get("/api/done?size=200").text()).contains("struck_out");
        grower.post("/api/struck-out/" + out + "/taken-back", Map.of()).ok();
        assertThat(grower.get("/api/varieties/" + id).ok().get("variety").toString())
                .isEqualTo(before);
        assertThat(grower.post("/api/struck-out/" + out + "/taken-back", Map.of())
                        .status())
                .as("it is back already")
                .isEqualTo(400);
        season.grower
                .post("/api/plantings", Season.plantingOf(id, season.plot(), "2026-03-20", 60))
                .ok();
    }

    @Test
    void whatSomethingRestsOnStays() {
        String planting = season.planted("pea", "2026-03-20", 300);
        String variety = grower.get("/api/plantings/" + planting)
                .ok()
                .at("/planting/variety/id")
                .asString();
        Client.Answer planted = grower.post("/api/struck-out", struck("VARIETY", variety));
        assertThat(planted.detail()).contains("planting rests on it");
        String lot = season.picked(planting, 3000, 200);
        String lotId = season.lot(lot).at("/known/lot/id").asString();
        assertThat(grower.post("/api/struck-out", struck("LOT", lotId)).detail())
                .contains("rests on it");
        assertThat(season.lot(lot).at("/known/lot/id").asString()).isEqualTo(lotId);
        assertThat(grower.post(
                                "/api/struck-out",
                                struck("LOT", UUID.randomUUID().toString()))
                        .status())
                .isEqualTo(404);
        assertThat(Client.as("hand", port)
                        .post("/api/struck-out", struck("VARIETY", variety))
                        .status())
                .isEqualTo(403);
    }

    @Test
    void aNumberThatWasGivenByMistakeIsNeverGivenAgain() {
        String planting = season.planted("pea", "2026-03-20", 300);
        String mistake = season.numbered(planting);
        String id = season.lot(mistake).at("/known/lot/id").asString();
        grower.post("/api/struck-out", struck("LOT", id)).ok();
        assertThat(grower.get("/api/lots/" + mistake).status()).isEqualTo(404);
        assertThat(season.numbered(planting)).isNotEqualTo(mistake);
    }
}
