package theriseed.server.walk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static theriseed.server.Season.offType;
import static theriseed.server.Season.record;
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
    void walksThroughOtherPlantsAddUpAndSayHowManyMore() {
        season.grower.post(path, walkOf("tassel", 200, 0)).ok();
        JsonNode first = season.grower.get(path).ok().get("verdict");
        assertThat(first.at("/verdict/mark").asString()).isEqualTo("NOT_YET");
        int more = first.at("/verdict/more").asInt();

        season.grower
                .post(path, with(walkOf("tassel", more, 0), "others", true, "walkedOn", "2026-07-02"))
                .ok();
        JsonNode shown = season.grower.get(path).ok().get("verdict");
        assertThat(shown.get("lookedAt").asInt()).isEqualTo(200 + more);
        assertThat(shown.at("/verdict/seen").asInt()).isEqualTo(200 + more);
        assertThat(shown.at("/verdict/mark").asString()).isEqualTo("SHOWN");
        assertThat(shown.at("/verdict/upper").asDouble()).isLessThanOrEqualTo(0.01);
    }

    @Test
    void whatIsShownAllowsForWhatAnEyeOverlooks() {
        JsonNode soFar = season.grower
                .get(path + "/so-far?stage=tassel&lookedAt=299&offTypes=0")
                .ok();
        assertThat(soFar.at("/verdict/verdict/within").asDouble()).isCloseTo(0.9530407386353539, within(1e-9));
        assertThat(soFar.at("/verdict/verdict/none").asDouble()).isCloseTo(0.13493253373311065, within(1e-9));
    }

    /** What a walk would show by the table that is carried along is what it shows when it is recorded. */
    @Test
    void theTableIsOfTheWalkThatIsToCome() {
        season.grower
                .post(path, with(walkOf("tassel", 300, 1), "rows", List.of(1, 2), "rowsInAll", 10))
                .ok();
        JsonNode tables = season.grower.get(path).ok().get("tables");
        assertThat(tables.at("/0/others/seen").asInt()).isZero();
        assertThat(tables.at("/1/stage").asString()).isEqualTo("tassel");
        assertThat(tables.at("/1/others/reach").asInt()).isEqualTo(1700);
        int from = tables.at("/1/others/rows/0/shownFrom").asInt();
        season.grower
                .post(path, with(walkOf("tassel", from, 0), "rows", List.of(3, 4, 5), "rowsInAll", 10))
                .ok();
        assertThat(season.grower.get(path).ok().at("/verdict/verdict/mark").asString())
                .isEqualTo("SHOWN");
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
        assertThat(refused.detail())
                .contains("offTypes: 11 is not allowed. Allowed is at least 1 and at most 10 plants");
        assertThat(season.grower
                        .get(path + "/so-far?stage=tassel&lookedAt=10&offTypes=11")
                        .field())
                .isEqualTo("offTypes");
    }

    @Test
    void nobodyWalksBeforeItIsUpNorTomorrow() {
        assertThat(season.grower
                        .post(path, with(walkOf("tassel", 10, 0), "walkedOn", "2026-04-22"))
                        .detail())
                .contains("22 Apr 2026", "from 24 Apr 2026 to 14 Aug 2026");
        assertThat(season.grower
                        .post(path, with(walkOf("tassel", 10, 0), "walkedOn", "2026-08-15"))
                        .field())
                .isEqualTo("walkedOn");
    }

    @Test
    void whatIsCutIsNotWalkedAnyMore() {
        String kale = season.planted("kale", "2025-07-05", 80);
        season.picked(kale, 9000, 78);
        Client.Answer late = season.grower.post(
                "/api/plantings/" + kale + "/walks", with(walkOf("flowering", 10, 0), "walkedOn", "2026-08-02"));
        assertThat(late.field()).isEqualTo("walkedOn");
        assertThat(late.detail()).contains("to 1 Aug 2026");
    }

    @Test
    void thePhonesClockMayBeADayWrong() {
        Map<String, Object> made = record("madeAt", "2026-08-13T06:10:00Z", "sentAt", "2026-08-13T06:30:00Z");
        Map<String, Object> walk = with(walkOf("tassel", 10, 0), "walkedOn", "2026-08-13", "made", made);
        assertThat(season.grower.post(path, walk).ok().get("walkedOn").asString())
                .isEqualTo("2026-08-14");

        Map<String, Object> back = record("madeAt", "2026-08-15T06:10:00Z", "sentAt", "2026-08-14T06:30:00Z");
        assertThat(season.grower
                        .post(path, with(walkOf("tassel", 10, 0), "made", back))
                        .field())
                .isEqualTo("madeAt");
    }

    @Test
    void nineOffTypesOfThreeKindsAmongTwelveHundred() {
        String id = season.planted("flour-maize", "2026-04-20", 1200);
        Map<String, Object> walk = with(
                walkOf("tassel", 1200, 0),
                "rows",
                List.of(1, 2, 3, 4),
                "rowsInAll",
                4,
                "offTypes",
                List.of(
                        offType("white silks", 5, "PULLED", ""),
                        offType("dent in flint", 3, "MARKED", ""),
                        offType("smut", 1, "LEFT", "to be shown to the neighbour")),
                "sick",
                2,
                "bolted",
                1);
        season.grower.post("/api/plantings/" + id + "/walks", walk).ok();
        JsonNode page = season.grower.get("/api/plantings/" + id + "/walks").ok();
        JsonNode shown = page.get("verdict");
        assertThat(shown.at("/offTypes").asInt()).isEqualTo(9);
        assertThat(shown.at("/pulled").asInt()).isEqualTo(5);
        assertThat(shown.at("/verdict/mark").asString()).isEqualTo("SHOWN");
        assertThat(shown.at("/verdict/standing").asInt()).isEqualTo(1195);
        assertThat(shown.at("/verdict/expected").asDouble())
                .as("four left standing and one overlooked")
                .isBetween(5.0, 5.2);
        assertThat(page.at("/walks/0/rows").size()).isEqualTo(4);
        assertThat(page.at("/kinds/0").asString()).isEqualTo("white silks");
    }

    @Test
    void rowsWalkedTwiceAreTheSamePlants() {
        String id = season.planted("flour-maize", "2026-04-20", 300);
        String walks = "/api/plantings/" + id + "/walks";
        season.grower.post(walks, walkOf("tassel", 300, 2)).ok();
        season.grower
                .post(walks, with(walkOf("tassel", 300, 1), "walkedOn", "2026-07-02"))
                .ok();
        JsonNode shown = season.grower.get(walks).ok().get("verdict");
        assertThat(shown.get("lookedAt").asInt()).isEqualTo(598);
        assertThat(shown.get("offTypes").asInt()).isEqualTo(3);
        assertThat(shown.at("/verdict/seen").asInt()).isEqualTo(300);
        assertThat(shown.at("/verdict/standing").asInt()).isEqualTo(297);
    }

    @Test
    void morePulledThanStandIsRefused() {
        String id = season.planted("flour-maize", "2026-04-20", 60);
        String walks = "/api/plantings/" + id + "/walks";
        season.grower.post(walks, walkOf("knee high", 60, 40)).ok();
        Client.Answer refused = season.grower.post(walks, walkOf("tassel", 60, 21));
        assertThat(refused.detail())
                .contains("pulled: 21 is not allowed. Allowed is at least 0 and at most 20 plants that stand");
    }

    @Test
    void whoLeavesAnOffTypeSaysWhyAndRowsAreCounted() {
        Client.Answer silent = season.grower.post(
                path, with(walkOf("tassel", 60, 0), "offTypes", List.of(offType("smut", 1, "LEFT", " "))));
        assertThat(silent.field()).isEqualTo("offTypes");
        Client.Answer row = season.grower.post(path, with(walkOf("tassel", 60, 0), "rows", List.of(7), "rowsInAll", 6));
        assertThat(row.detail()).contains("rows: 7 is not allowed. Allowed is at least 1 and at most 6 row");
    }

    @Test
    void theStagesOfTheCropAreDueOnTheirDays() {
        JsonNode page = season.grower.get(path).ok();
        JsonNode stages = page.get("stages");
        assertThat(stages.get(0).get("stage").asString()).isEqualTo("knee high");
        assertThat(stages.get(1).get("from").asString())
                .isGreaterThan(stages.get(0).get("from").asString());
        assertThat(page.get("stage").asString()).isIn("knee high", "tassel", "ear");
    }

    @Test
    void aStockIsFollowedFromGenerationToGeneration() {
        String variety = season.variety("pea");
        String old = season.grower
                .post(
                        "/api/plantings",
                        with(Season.plantingOf(variety, season.plot(), "2025-03-20", 2000), "season", 2025))
                .ok()
                .get("id")
                .asString();
        String now = season.grower
                .post("/api/plantings", Season.plantingOf(variety, season.plot(), "2026-03-20", 2000))
                .ok()
                .get("id")
                .asString();
        season.grower
                .post("/api/plantings/" + old + "/walks", with(walkOf("flowering", 1500, 30), "walkedOn", "2025-06-10"))
                .ok();
        season.grower
                .post("/api/plantings/" + now + "/walks", walkOf("flowering", 1500, 8))
                .ok();
        JsonNode history =
                season.grower.get("/api/varieties/" + variety + "/walks").ok();
        assertThat(history.get("trend").asString()).isEqualTo("TRUER");
        assertThat(history.at("/generations/0/season").asInt()).isEqualTo(2025);
        assertThat(history.at("/generations/0/share").asDouble()).isEqualTo(0.02);
        assertThat(history.at("/generations/0/upper").asDouble()).isGreaterThan(0.02);
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
                                List.of(offType("white silks", 2, "PULLED", "")),
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

    @Test
    void sickPlantsReachTheDeskAndTheGate() {
        String beans = season.planted("common-bean", "2026-05-15", 300);
        season.grower
                .post("/api/plantings/" + beans + "/walks", with(walkOf("first flower", 300, 0), "sick", 20))
                .ok();
        JsonNode found = null;
        for (JsonNode sick : season.grower.get("/api/seasons/2026").ok().get("sick")) {
            found = sick.get("plantingId").asString().equals(beans) ? sick : found;
        }
        assertThat(found).isNotNull();
        assertThat(found.get("sick").asInt()).isEqualTo(20);
        String lot = season.picked(beans, 4000, 290);
        assertThat(season.grower
                        .get("/api/lots/" + lot)
                        .ok()
                        .at("/known/gate/cautions")
                        .toString())
                .contains("SICK_PLANTS");
    }
}
