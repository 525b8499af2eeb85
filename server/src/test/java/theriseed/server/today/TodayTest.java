package theriseed.server.today;

import static org.assertj.core.api.Assertions.assertThat;
import static theriseed.server.Season.kindOf;
import static theriseed.server.Season.record;
import static theriseed.server.Season.stepOf;
import static theriseed.server.Season.walkOf;
import static theriseed.server.Season.with;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
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

    private List<String> tasks(String lot) {
        List<String> tasks = new ArrayList<>();
        for (JsonNode task : season.tasks()) {
            if (task.path("lot").asString().equals(lot)) {
                tasks.add(kindOf(task));
            }
        }
        return tasks;
    }

    private List<String> tasksOf(String planting) {
        List<String> tasks = new ArrayList<>();
        for (JsonNode task : season.tasks()) {
            if (task.path("plantingId").asString().equals(planting) && !task.has("lot")) {
                tasks.add(kindOf(task));
            }
        }
        return tasks;
    }

    @Test
    void theDayIsTheOneThatIsForecastAsWhereSeedRipens() {
        JsonNode today = season.grower.get("/api/today").ok();
        JsonNode first = today.at("/coming/0");
        assertThat(today.get("simulated").asBoolean()).isTrue();
        assertThat(today.get("coming")).hasSize(6);
        assertThat(first.get("on").asString()).isEqualTo("2026-08-14");
        assertThat(today.at("/day/temperatures")
                        .valueStream()
                        .mapToDouble(JsonNode::asDouble)
                        .max())
                .hasValue(first.get("high").asDouble());
        assertThat(today.at("/measured/day").asString()).isEqualTo("2026-08-13");
        assertThat(today.at("/measured/high").asDouble())
                .isGreaterThan(today.at("/measured/low").asDouble());
        String planting = season.planted("lettuce", "2026-05-20", 60);
        assertThat(season.grower
                        .get("/api/plantings/" + planting + "/ripening")
                        .ok()
                        .at("/days/0/day"))
                .isEqualTo(first);
    }

    @Test
    void todayAndTheSeedRoomAskForTheSameTestsOfTheSameLots() {
        season.sellable();
        String few = season.sellable();
        Map<String, Object> small = with(
                Season.germinationOf(41, 42), "perReplicate", 50, "setOn", "2026-08-05", "countedOn", "2026-08-14");
        season.grower.post("/api/lots/" + few + "/germination", small).ok();
        Map<String, Boolean> hanging = new TreeMap<>();
        for (JsonNode lot : season.grower.get("/api/seed-room?size=200").ok().at("/lots/items")) {
            String need = lot.at("/need/kind").asString();
            boolean asked = List.of("Test", "Retest").contains(need)
                    || need.equals("Count") && lot.at("/need/today").asBoolean();
            hanging.put(lot.at("/lot/number").asString(), asked);
        }
        Set<String> tests = Set.of(
                "WeighSeed",
                "WeighSeedAgain",
                "TestGermination",
                "RepeatTest",
                "TestMore",
                "TestAnew",
                "Retest",
                "CountGermination");
        assertThat(tasks(few)).contains("TestMore");
        assertThat(hanging).hasSizeGreaterThan(10).containsEntry(few, true);
        hanging.forEach((number, asked) -> assertThat(tasks(number).stream().anyMatch(tests::contains))
                .as(number)
                .isEqualTo(asked));
    }

    @Test
    void whatWaitsFollowsFromTheRecordsStepByStep() {
        String planting = season.planted("pea", "2026-03-20", 300);
        assertThat(tasksOf(planting)).contains("WalkFirst");
        season.walked(planting, 300);
        assertThat(tasksOf(planting)).noneMatch(kind -> kind.startsWith("Walk"));

        String number = season.numbered(planting);
        assertThat(tasks(number)).containsExactly("WeighHarvest");
        season.grower
                .post("/api/lots/" + number + "/picks", Season.harvestOf(9000, 290))
                .ok();
        assertThat(tasks(number)).containsExactly("NextStep");
        double clean = season.cleaned(number, 9000);
        assertThat(clean).isPositive();
        assertThat(tasks(number)).containsExactlyInAnyOrder("WeighSeed", "TestGermination");
        season.tested(number, 24.1, 23.9, 24.3, 24.0);
        assertThat(tasks(number)).containsExactly("Pack");
        season.packed(number, 100, 10);
        assertThat(tasks(number)).isEmpty();
        season.grower
                .post("/api/lots/" + number + "/hold", record("reason", "weevil seen"))
                .ok();
        assertThat(tasks(number)).containsExactly("DecideHold");
    }

    @Test
    void seedThatIsAllKeptForTheFarmItselfIsNotPacked() {
        String number = season.sellable();
        assertThat(tasks(number)).containsExactly("Pack");
        season.grower
                .put(
                        "/api/lots/" + number + "/reserve",
                        record(
                                "version",
                                season.versionOf(number),
                                "grams",
                                season.lot(number).at("/stock/bulk").decimalValue()))
                .ok();
        assertThat(tasks(number)).isEmpty();
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
        assertThat(tasks(number)).as("nobody fills a lot of five years ago").isEmpty();
        season.grower
                .post("/api/lots/" + number + "/picks", with(Season.harvestOf(9000, 290), "pickedOn", "2021-08-01"))
                .ok();
        assertThat(tasks(number)).containsExactly("NextStep");
        season.cleaned(number, 9000);
        season.tested(number, 24.1, 23.9, 24.3, 24.0);
        assertThat(tasks(number)).containsExactly("Pack");
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
        assertThat(tasks(number)).containsExactly("TestAnew");
        season.grower
                .post(
                        "/api/lots/" + number + "/withdrawals",
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
        assertThat(tasks(number)).isEmpty();
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
        assertThat(tasks(number)).containsExactly("Stir");
        season.grower
                .put(
                        "/api/steps/" + step.get("id").asString(),
                        with(ferment, "begunAt", "2026-08-11T20:00", "version", 0))
                .ok();
        assertThat(tasks(number)).containsExactly("Rinse");
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
        assertThat(tasksOf(first)).contains("DecideIsolation");
    }

    @Test
    void aWalkThatIsOverTheLimitStaysOpen() {
        String planting = season.planted("flour-maize", "2026-04-02", 2000);
        String path = "/api/plantings/" + planting + "/walks";
        String stage = season.grower.get(path).ok().get("stage").asString();
        season.grower.post(path, walkOf(stage, 300, 12)).ok();
        JsonNode walk = null;
        for (JsonNode task : season.tasks()) {
            walk = task.path("plantingId").asString().equals(planting)
                            && kindOf(task).startsWith("Walk")
                    ? task
                    : walk;
        }
        assertThat(walk).isNotNull();
        assertThat(kindOf(walk)).isEqualTo("WalkOver");
        assertThat(walk.at("/toDo/share").asDouble())
                .isGreaterThan(walk.at("/toDo/allowed").asDouble());
    }

    @Test
    void theDayRunsByTheSunOfTheFarm() {
        JsonNode day = season.grower.get("/api/today").ok().get("day");
        assertThat(day.get("sunrise").asDouble()).isLessThan(day.get("dewOff").asDouble());
        assertThat(day.get("dewOff").asDouble()).isLessThan(day.get("sunset").asDouble());
    }

    private boolean asksAfter(String neighbour) {
        return season.tasks().stream()
                .anyMatch(task -> task.at("/toDo/kind").asString().equals("SeePromiseKept")
                        && task.get("neighbourId").asString().equals(neighbour));
    }

    @Test
    void aPromiseIsAskedAfterUntilSomebodyHasSeenItKept() {
        JsonNode verge = season.grower
                .post(
                        "/api/neighbours",
                        Season.record(
                                "name", "Verge by the mast",
                                "kind", "WILD",
                                "cropKey", "carrot",
                                "outline", Season.record("east", 4400, "north", 4400),
                                "area", 12,
                                "season", 2026,
                                "bloomFirst", "2026-08-20",
                                "bloomLast", "2026-09-20",
                                "seenOn", "2026-08-10",
                                "sure", true))
                .ok();
        String id = verge.get("id").asString();
        String path = "/api/neighbours/" + id + "/agreed";
        assertThat(asksAfter(id)).isFalse();
        season.grower
                .post(path, Season.record("version", 0, "by", "2026-08-30"))
                .ok();
        assertThat(asksAfter(id)).as("its day has not come").isFalse();
        season.grower
                .post(path, Season.record("version", 1, "by", "2026-08-12"))
                .ok();
        assertThat(asksAfter(id)).isTrue();
        season.grower
                .post(path, Season.record("version", 2, "by", "2026-08-12", "kept", "2026-08-13"))
                .ok();
        assertThat(asksAfter(id)).isFalse();
    }
}
