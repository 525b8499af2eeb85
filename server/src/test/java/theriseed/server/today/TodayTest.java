package theriseed.server.today;

import static org.assertj.core.api.Assertions.assertThat;
import static theriseed.server.Season.record;
import static theriseed.server.Season.stepOf;
import static theriseed.server.Season.walkOf;
import static theriseed.server.Season.with;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

@DemoFarmTest
class TodayTest {
    @LocalServerPort
    int port;

    Season season;

    @BeforeEach
    void season() {
        season = new Season(port);
    }

    private List<String> acts(String lot) {
        List<String> acts = new ArrayList<>();
        for (JsonNode act : season.grower.get("/api/today").ok().get("acts")) {
            if (act.path("lot").asString().equals(lot)) {
                acts.add(act.get("kind").asString());
            }
        }
        return acts;
    }

    private List<String> actsOf(String planting) {
        List<String> acts = new ArrayList<>();
        for (JsonNode act : season.grower.get("/api/today").ok().get("acts")) {
            if (act.path("plantingId").asString().equals(planting) && !act.has("lot")) {
                acts.add(act.get("kind").asString());
            }
        }
        return acts;
    }

    @Test
    void whatWaitsFollowsFromTheRecordsStepByStep() {
        String planting = season.planted("pea", "2026-03-20", 300);
        assertThat(actsOf(planting)).contains("WALK");
        season.walked(planting, 300);
        assertThat(actsOf(planting)).doesNotContain("WALK");

        String number = season.numbered(planting);
        assertThat(acts(number)).containsExactly("FILL_LOT");
        season.grower
                .post("/api/lots/" + number + "/picks", Season.harvestOf(9000, 290))
                .ok();
        assertThat(acts(number)).containsExactly("NEXT_STEP");
        double clean = season.cleaned(number, 9000);
        assertThat(clean).isPositive();
        assertThat(acts(number)).containsExactlyInAnyOrder("WEIGH_SEED", "TEST_GERMINATION");
        season.tested(number, 24.1, 23.9, 24.3, 24.0);
        assertThat(acts(number)).containsExactly("PACK");
        season.packed(number, 100, 10);
        assertThat(acts(number)).isEmpty();
        season.grower
                .post("/api/lots/" + number + "/hold", record("reason", "weevil seen"))
                .ok();
        assertThat(acts(number)).containsExactly("LOOK_AT_HOLD");
    }

    @Test
    void seedThatIsAllKeptForTheFarmItselfIsNotPacked() {
        String number = season.sellable();
        assertThat(acts(number)).containsExactly("PACK");
        season.grower
                .put(
                        "/api/lots/" + number + "/reserve",
                        record("grams", season.lot(number).at("/stock/bulk").decimalValue()))
                .ok();
        assertThat(acts(number)).isEmpty();
    }

    @Test
    void aLotOfLongAgoIsTestedAgainWhileThereIsSeedOfIt() {
        String planting = season.grower
                .post(
                        "/api/plantings",
                        with(
                                Season.plantingOf(season.variety("pea"), season.plot(), "2021-03-20", 300),
                                "season",
                                2021))
                .ok()
                .get("id")
                .asString();
        season.grower
                .post(
                        "/api/plantings/" + planting + "/walks",
                        with(walkOf("flowering", 300, 0), "walkedOn", "2021-06-20"))
                .ok();
        String number = season.numbered(planting);
        assertThat(acts(number)).as("nobody fills a lot of five years ago").isEmpty();
        season.grower
                .post("/api/lots/" + number + "/picks", with(Season.harvestOf(9000, 290), "pickedOn", "2021-08-01"))
                .ok();
        assertThat(acts(number)).containsExactly("NEXT_STEP");
        season.cleaned(number, 9000);
        season.tested(number, 24.1, 23.9, 24.3, 24.0);
        assertThat(acts(number)).containsExactly("PACK");
        JsonNode test = season.lot(number).at("/known/tests/germinations/0");
        season.grower
                .put(
                        "/api/germination/" + test.get("id").asString(),
                        with(
                                Season.germinationOf(94, 92, 95, 93),
                                "setOn",
                                "2021-10-01",
                                "countedOn",
                                "2021-10-09",
                                "version",
                                0,
                                "reason",
                                "it is of that autumn"))
                .ok();
        assertThat(acts(number)).containsExactly("TEST_GERMINATION");
        season.grower
                .post(
                        "/api/lots/" + number + "/takings",
                        record(
                                "why",
                                "SPOILT",
                                "takenOn",
                                "2026-08-14",
                                "mass",
                                season.lot(number).at("/stock/bulk").decimalValue(),
                                "note",
                                "too old"))
                .ok();
        assertThat(acts(number)).isEmpty();
    }

    @Test
    void aFermentIsStirredUntilItIsReadyThenRinsedAtOnce() {
        String number = season.picked(season.planted("tomato", "2026-03-12", 24), 20_000, 22);
        season.step(number, stepOf("EXTRACT", 20_000, 4000));
        Map<String, Object> ferment =
                with(stepOf("FERMENT", 4000, 1), "temperature", 22, "begunAt", "2026-08-13T20:00");
        ferment.remove("massOut");
        ferment.remove("endedAt");
        JsonNode step = season.step(number, ferment);
        assertThat(acts(number)).containsExactly("STIR");
        season.grower
                .put(
                        "/api/steps/" + step.get("id").asString(),
                        with(ferment, "begunAt", "2026-08-11T20:00", "version", 0))
                .ok();
        assertThat(acts(number)).containsExactly("RINSE");
    }

    @Test
    void aCropThatIsCrossingIsDecidedAboutNotForgotten() {
        double north = -4000;
        String first = season.grower
                .post(
                        "/api/plantings",
                        Season.plantingOf(season.variety("courgette"), season.plotAt(4000, north), "2026-06-10", 30))
                .ok()
                .get("id")
                .asString();
        season.grower
                .post(
                        "/api/plantings",
                        Season.plantingOf(season.variety("courgette"), season.plotAt(4100, north), "2026-06-10", 30))
                .ok();
        assertThat(actsOf(first)).contains("DECIDE_ISOLATION");
    }

    @Test
    void aWalkThatIsOverTheLimitStaysOpen() {
        String planting = season.planted("flour-maize", "2026-04-02", 2000);
        season.grower
                .post("/api/plantings/" + planting + "/walks", walkOf("tassel", 300, 12))
                .ok();
        JsonNode walk = null;
        for (JsonNode act : season.grower.get("/api/today").ok().get("acts")) {
            walk = act.path("plantingId").asString().equals(planting) ? act : walk;
        }
        assertThat(walk).isNotNull();
        assertThat(walk.get("kind").asString()).isEqualTo("WALK");
        assertThat(walk.get("share").asDouble()).isGreaterThan(walk.get("limit").asDouble());
    }

    @Test
    void theDayRunsByTheSunOfTheFarm() {
        JsonNode day = season.grower.get("/api/today").ok().get("day");
        assertThat(day.get("sunrise").asDouble()).isLessThan(day.get("dewOff").asDouble());
        assertThat(day.get("dewOff").asDouble()).isLessThan(day.get("sunset").asDouble());
    }
}
