package theriseed.server.walk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static theriseed.server.Season.walkOf;
import static theriseed.server.Season.with;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

@DemoFarmTest
class WalksTest {
    @LocalServerPort
    int port;

    Season season;
    String planting;
    String path;

    @BeforeEach
    void planted() {
        season = new Season(port);
        planting = season.planted("flour-maize", "2026-04-20", 2000);
        path = "/api/plantings/" + planting + "/walks";
    }

    @Test
    void walksOfAStageAddUpAndSayHowManyMore() {
        season.grower.post(path, walkOf("tassel", 200, 0)).ok();
        JsonNode first = season.grower.get(path).ok().get("verdict");
        assertThat(first.at("/verdict/mark").asString()).isEqualTo("NOT_YET");
        int more = first.at("/verdict/more").asInt();

        season.grower.post(path, walkOf("tassel", more, 0)).ok();
        JsonNode shown = season.grower.get(path).ok().get("verdict");
        assertThat(shown.get("lookedAt").asInt()).isEqualTo(200 + more);
        assertThat(shown.at("/verdict/mark").asString()).isEqualTo("SHOWN");
        assertThat(shown.at("/verdict/limit/upper").asDouble()).isLessThanOrEqualTo(0.01);
    }

    @Test
    void theLimitIsTheExactBinomialOne() {
        JsonNode soFar = season.grower
                .get(path + "/so-far?stage=tassel&lookedAt=300&offTypes=0")
                .ok();
        assertThat(soFar.at("/verdict/verdict/limit/upper").asDouble()).isCloseTo(0.009936081944457092, within(1e-12));
    }

    @Test
    void aLaterStageStartsAfresh() {
        season.grower.post(path, walkOf("knee high", 300, 0)).ok();
        season.grower
                .post(path, with(walkOf("tassel", 300, 9), "walkedOn", "2026-07-20"))
                .ok();
        JsonNode verdict = season.grower.get(path).ok().get("verdict");
        assertThat(verdict.get("stage").asString()).isEqualTo("tassel");
        assertThat(verdict.at("/verdict/mark").asString()).isEqualTo("OVER");
    }

    @Test
    void theSameWalkSentAgainIsTheSameRecord() {
        Map<String, Object> walk = walkOf("tassel", 120, 1);
        season.grower.post(path, walk).ok();
        season.grower.post(path, walk).ok();
        assertThat(season.grower.get(path).ok().get("walks").size()).isEqualTo(1);
    }

    @Test
    void moreOffTypesThanPlantsLookedAtAreRefused() {
        Client.Answer refused = season.grower.post(path, walkOf("tassel", 10, 11));
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.detail()).contains("offTypes: 11 is outside the valid range [1, 10] plants");
        assertThat(season.grower
                        .get(path + "/so-far?stage=tassel&lookedAt=10&offTypes=11")
                        .field())
                .isEqualTo("offTypes");
    }

    @Test
    void nobodyWalksBeforeSowingOrTomorrow() {
        assertThat(season.grower
                        .post(path, with(walkOf("tassel", 10, 0), "walkedOn", "2026-04-19"))
                        .detail())
                .contains("2026-04-19", "2026-04-20", "2026-08-14");
        assertThat(season.grower
                        .post(path, with(walkOf("tassel", 10, 0), "walkedOn", "2026-08-15"))
                        .field())
                .isEqualTo("walkedOn");
    }

    @Test
    void aCorrectionKeepsWhatItCorrects() {
        Map<String, Object> walk = walkOf("tassel", 120, 0);
        season.grower.post(path, walk).ok();
        season.grower
                .put(
                        "/api/walks/" + walk.get("id"),
                        with(
                                walk,
                                "lookedAt",
                                210,
                                "offTypes",
                                List.of(Map.of("kind", "white silks", "plants", 2)),
                                "version",
                                0,
                                "reason",
                                "two rows forgotten"))
                .ok();
        JsonNode page = season.grower.get(path).ok();
        assertThat(page.at("/walks/0/lookedAt").asInt()).isEqualTo(210);
        assertThat(page.get("corrections").findValuesAsString("was")).contains("120");
        assertThat(page.get("corrections").findValuesAsString("reason")).containsOnly("two rows forgotten");
        assertThat(season.grower
                        .put("/api/walks/" + walk.get("id"), with(walk, "version", 0, "reason", "late"))
                        .status())
                .isEqualTo(409);
    }
}
