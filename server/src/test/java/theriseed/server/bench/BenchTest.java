package theriseed.server.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static theriseed.server.Season.harvestOf;
import static theriseed.server.Season.record;
import static theriseed.server.Season.stepOf;
import static theriseed.server.Season.with;

import java.util.List;
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
class BenchTest {
    @LocalServerPort
    int port;

    Season season;

    @BeforeEach
    void season() {
        season = new Season(port);
    }

    private String peas() {
        return season.picked(season.planted("pea", "2026-03-20", 300), 9000, 290);
    }

    private String tomatoes() {
        return season.picked(season.planted("tomato", "2026-03-12", 24), 36_200, 22);
    }

    private Client.Answer tried(String number, Map<String, Object> step) {
        return season.grower.post("/api/lots/" + number + "/steps", step);
    }

    private JsonNode bench(String number) {
        return season.lot(number).at("/known/bench");
    }

    @Test
    void aWetCropGoesThroughItsChain() {
        String number = tomatoes();
        assertThat(bench(number).get("next").asString()).isEqualTo("EXTRACT");
        Map<String, Object> extract = with(
                stepOf("EXTRACT", 36_200, 6100),
                "byProducts",
                List.of(record("what", "flesh", "mass", 30_100, "goneTo", "sauce")));
        JsonNode squeezed = season.step(number, extract);
        assertThat(squeezed.get("share").asDouble()).isCloseTo(6100 / 36_200.0, within(1e-12));
        assertThat(squeezed.get("alarm").asBoolean()).isFalse();

        Map<String, Object> ferment = with(stepOf("FERMENT", 6100, 5900), "temperature", 22);
        ferment.remove("massOut");
        ferment.put("begunAt", "2026-08-11T09:10");
        JsonNode open = season.step(number, ferment);
        assertThat(open.at("/ferment/state").asString()).isEqualTo("READY");
        assertThat(open.at("/ferment/equivalentHours").asDouble()).isCloseTo(70, within(0.1));
        assertThat(bench(number).has("next"))
                .as("nothing next while one is under way")
                .isFalse();

        Client.Answer second = tried(number, stepOf("RINSE", 6100, 500));
        assertThat(second.detail()).contains("still under way");

        String id = open.get("id").asString();
        season.grower
                .put("/api/steps/" + id, with(ferment, "massOut", 5900, "endedAt", "2026-08-14T07:00", "version", 0))
                .ok();
        season.step(
                number,
                with(
                        stepOf("RINSE", 5900, 560),
                        "waterAdded",
                        11_000,
                        "begunAt",
                        "2026-08-14T07:00",
                        "endedAt",
                        "2026-08-14T07:05"));
        season.step(
                number,
                with(
                        stepOf("DRY", 560, 204),
                        "moistureOut",
                        6.1,
                        "begunAt",
                        "2026-08-14T07:06",
                        "endedAt",
                        "2026-08-14T07:09"));
        JsonNode clean = bench(number);
        assertThat(clean.get("clean").asBoolean()).isTrue();
        assertThat(clean.at("/yield/share").asDouble()).isCloseTo(204 / 36_200.0, within(1e-12));
        assertThat(clean.at("/yield/perPlant").asDouble()).isCloseTo(204 / 22.0, within(1e-12));
        assertThat(clean.at("/yield/mark").asString()).isEqualTo("USUAL");
        assertThat(season.lot(number).at("/known/moisture/percent").asDouble()).isEqualTo(6.1);
        assertThat(clean.get("minutes").asInt()).isEqualTo(120);
    }

    @Test
    void whileItIsNotCleanOnlyTheUsualIsForetold() {
        String number = tomatoes();
        season.step(number, stepOf("EXTRACT", 36_200, 6100));
        assertThat(bench(number).has("yield")).isFalse();
        assertThat(bench(number).at("/expected/low").asDouble()).isCloseTo(36_200 * 0.002, within(1e-9));
        assertThat(bench(number).at("/expected/high").asDouble()).isCloseTo(36_200 * 0.008, within(1e-9));
    }

    @Test
    void aDryCropGoesThroughItsOwn() {
        String number = peas();
        assertThat(bench(number).get("chain").toString())
                .isEqualTo("[\"DRY\",\"THRESH\",\"SCREEN\",\"WINNOW\",\"HAND_PICK\",\"DRY\"]");
        double clean = season.cleaned(number, 9000);
        assertThat(bench(number).get("clean").asBoolean()).isTrue();
        assertThat(bench(number).get("mass").asDouble()).isEqualTo(clean);
    }

    /** Peas that were threshed at so many percent, clean. */
    private String threshedAt(double moisture) {
        String number = peas();
        season.step(number, with(stepOf("DRY", 9000, 8000), "moistureOut", moisture));
        season.step(
                number,
                with(
                        stepOf("THRESH", 8000, 6000),
                        "byProducts",
                        List.of(record("what", "haulm", "mass", 2000, "goneTo", "compost"))));
        for (String kind : List.of("SCREEN", "WINNOW", "HAND_PICK")) {
            season.step(number, stepOf(kind, 6000, 6000));
        }
        return number;
    }

    private List<String> standingAtTheBench() {
        return season.grower.get("/api/bench").ok().findValuesAsString("number");
    }

    @Test
    void cleanSeedThatIsStillDampIsDriedForTheStore() {
        String number = threshedAt(14);
        JsonNode known = season.lot(number).get("known");
        assertThat(known.at("/bench/clean").asBoolean()).isTrue();
        assertThat(known.at("/bench/next").asString()).isEqualTo("DRY");
        assertThat(known.get("dryness").asString()).isEqualTo("TOO_DAMP");
        assertThat(standingAtTheBench()).contains(number);
        JsonNode began = season.step(number, with(stepOf("DRY", 6000, 0), "massOut", null, "endedAt", null));
        assertThat(began.at("/drying/target").asDouble())
                .as("not to thresh: to be sealed")
                .isEqualTo(7);
        assertThat(bench(number).get("clean").asBoolean()).isFalse();
        season.grower
                .put(
                        "/api/steps/" + began.get("id").asString(),
                        with(stepOf("DRY", 6000, 5600), "moistureOut", 6.8, "version", 0))
                .ok();
        assertThat(bench(number).get("clean").asBoolean()).isTrue();
        assertThat(bench(number).has("next")).isFalse();
        assertThat(bench(number).at("/yield/share").asDouble()).isCloseTo(5600 / 9000.0, within(1e-12));
        assertThat(standingAtTheBench()).doesNotContain(number);
    }

    @Test
    void seedThatWasThreshedDryNeedsNoMoreDrying() {
        String number = threshedAt(6.5);
        assertThat(season.lot(number).at("/known/dryness").asString()).isEqualTo("DRY_ENOUGH");
        assertThat(standingAtTheBench()).doesNotContain(number);
    }

    @Test
    void aLaterPickingDriesByItselfAndGoesOnWithTheFirst() {
        String planting = season.planted("lettuce", "2026-05-20", 60);
        String first = season.picked(planting, 900, 50);
        season.step(first, with(stepOf("DRY", 900, 600), "moistureOut", 9));
        JsonNode open =
                season.grower.get("/api/plantings/" + planting + "/open-lots").ok();
        assertThat(open.at("/0/lot/number").asString()).isEqualTo(first);
        assertThat(open.at("/0/begun").asBoolean()).isTrue();
        String second = season.picked(planting, 700, 50);
        season.step(second, with(stepOf("DRY", 700, 0), "massOut", null, "endedAt", null));
        assertThat(season.grower.get("/api/lots/" + first + "/together").ok().findValuesAsString("number"))
                .as("not while it dries")
                .doesNotContain(second);
        String drying = bench(second).at("/underWay/id").asString();
        season.grower
                .put("/api/steps/" + drying, with(stepOf("DRY", 700, 500), "moistureOut", 9, "version", 0))
                .ok();
        JsonNode together =
                season.grower.get("/api/lots/" + first + "/together").ok();
        assertThat(together.findValuesAsString("number")).contains(first, second);
        String joined = season.grower
                .post(
                        "/api/blends",
                        record(
                                "transferredOn",
                                "2026-08-14",
                                "parts",
                                List.of(record("number", first), record("number", second))))
                .ok()
                .get("number")
                .asString();
        assertThat(bench(joined).get("next").asString()).isEqualTo("THRESH");
        assertThat(bench(joined).at("/cameOf/mass").asDouble())
                .as("all that was picked")
                .isEqualTo(1600);
    }

    @Test
    void massThatNobodyWeighedRaisesAnAlarm() {
        String number = peas();
        season.step(number, with(stepOf("DRY", 9000, 8000), "moistureOut", 12));
        Map<String, Object> screen = with(
                stepOf("THRESH", 8000, 5000),
                "byProducts",
                List.of(record("what", "haulm", "mass", 1500, "goneTo", "compost")));
        JsonNode seen = season.grower
                .post("/api/lots/" + number + "/steps/preview", screen)
                .ok();
        assertThat(seen.at("/step/alarm").asBoolean()).isTrue();
        assertThat(seen.at("/step/unaccounted").asDouble()).isCloseTo(100 * 1500 / 8000.0, within(1e-9));
        assertThat(bench(number).get("steps").size())
                .as("a preview keeps nothing")
                .isEqualTo(1);
        JsonNode kept = season.step(number, with(screen, "missingBecause", "the drum was left full"));
        assertThat(kept.get("alarm").asBoolean()).isTrue();
        assertThat(kept.get("missingBecause").asString()).isEqualTo("the drum was left full");
    }

    @ParameterizedTest
    @CsvSource({
        "massOut, 9001, massOut",
        "massOut, 0, massOut",
        "massOut, -3, massOut",
        "massOut, much, massOut",
        "massIn, 9001, massIn",
        "massIn, 0, massIn",
        "waterAdded, -1, waterAdded",
        "minutes, -5, minutes",
        "temperature, 300, temperature",
        "moistureOut, 130, moistureOut",
        "endedAt, 2026-08-02T08:00, endedAt",
        "begunAt, 2026-07-31T08:00, begunAt",
        "endedAt, 2026-08-20T08:00, endedAt",
        "kind, MELT, kind"
    })
    void aWeightOrHourThatMakesNoSenseIsRefused(String part, String value, String field) {
        String number = peas();
        Client.Answer refused = tried(number, with(stepOf("DRY", 9000, 8000), part, value));
        assertThat(refused.status()).as(refused.text()).isEqualTo(400);
        assertThat(refused.field()).isEqualTo(field);
        assertThat(bench(number).get("steps").isEmpty()).isTrue();
    }

    @Test
    void moreComesOutOnlyWhereWaterWentIn() {
        String number = tomatoes();
        season.step(number, stepOf("EXTRACT", 36_200, 6000));
        season.step(number, with(stepOf("FERMENT", 6000, 6900), "waterAdded", 1000, "temperature", 22));
        assertThat(tried(number, with(stepOf("RINSE", 6900, 8000), "waterAdded", 1000))
                        .field())
                .isEqualTo("massOut");
    }

    @Test
    void noLotGivesMoreThanWasPicked() {
        String number = season.picked(season.planted("tomato", "2026-03-12", 24), 1000, 22);
        season.step(number, with(stepOf("EXTRACT", 1000, 5000), "waterAdded", 5000));
        season.step(number, with(stepOf("FERMENT", 5000, 5000), "temperature", 22));
        season.step(number, stepOf("RINSE", 5000, 4000));
        Client.Answer refused = tried(number, stepOf("DRY", 4000, 1500));
        assertThat(refused.field()).isEqualTo("massOut");
        assertThat(refused.detail()).contains("all that was picked");
    }

    @Test
    void nothingIsWorkedOnBeforeItIsPicked() {
        String number = season.numbered(season.planted("pea", "2026-03-20", 300));
        assertThat(tried(number, stepOf("DRY", 100, 90)).detail()).contains("weigh the harvest first");
    }

    @Test
    void aCorrectionSaysWhyAndKeepsTheOldWeight() {
        String number = peas();
        JsonNode dried = season.step(number, stepOf("DRY", 9000, 8000));
        String path = "/api/steps/" + dried.get("id").asString();
        Map<String, Object> right = with(stepOf("DRY", 9000, 7800), "version", 0);
        assertThat(season.grower.put(path, right).field()).isEqualTo("reason");
        season.grower.put(path, with(right, "reason", "read the wrong line")).ok();
        JsonNode page = season.lot(number);
        assertThat(page.at("/known/bench/mass").asInt()).isEqualTo(7800);
        JsonNode correction = page.at("/corrections/0");
        assertThat(correction.get("field").asString()).isEqualTo("massOut");
        assertThat(correction.get("was").asString()).isEqualTo("8000");
        assertThat(correction.get("became").asString()).isEqualTo("7800");
        assertThat(season.grower.put(path, with(right, "reason", "again")).status())
                .as("the version read is not the newest")
                .isEqualTo(409);
    }

    @Test
    void aLotMayGoAnotherWayThanItsCropUsuallyDoes() {
        String number = tomatoes();
        String path = "/api/lots/" + number + "/chain";
        JsonNode choice = season.grower.get(path).ok();
        assertThat(choice.get("schools").findValuesAsString("school"))
                .containsExactly("FERMENTED", "WASHED", "SOAKED", "CHEMICAL");
        season.grower
                .put(path, record("version", -1, "steps", List.of("EXTRACT", "RINSE", "DRY", "HAND_PICK", "DRY")))
                .ok();
        season.step(number, stepOf("EXTRACT", 36_200, 6100));
        assertThat(bench(number).get("next").asString()).isEqualTo("RINSE");
        assertThat(bench(number).get("left").size()).isEqualTo(4);
        season.step(number, with(stepOf("RINSE", 6100, 400), "people", 3, "minutes", 20));
        season.step(number, stepOf("DRY", 400, 210));
        assertThat(bench(number).get("clean").asBoolean()).isFalse();
        assertThat(bench(number).get("minutes").asInt())
                .as("of one person: twice 30, and three for 20")
                .isEqualTo(120);
        season.grower
                .put(path, record("version", 0, "steps", List.of("EXTRACT", "RINSE", "DRY")))
                .ok();
        assertThat(bench(number).get("clean").asBoolean())
                .as("what was left out is not waited for")
                .isTrue();
        assertThat(season.grower
                        .put(path, record("version", 0, "steps", List.of("EXTRACT")))
                        .status())
                .as("chosen anew meanwhile")
                .isEqualTo(409);
        assertThat(season.grower
                        .put(path, record("version", 1, "steps", List.of()))
                        .status())
                .isEqualTo(400);
        assertThat(season.grower
                        .put(path, record("version", 1, "steps", List.of("JUGGLE")))
                        .status())
                .isEqualTo(400);
    }

    @Test
    void theFarmsOwnChainIsKeptAndTheScreenOfLastTimeRemembered() {
        Map<String, Object> own = record("name", "our peas", "steps", List.of("DRY", "THRESH", "WINNOW", "FREEZE"));
        season.grower.post("/api/crops/pea/chains", own).ok();
        assertThat(season.grower.post("/api/crops/pea/chains", own).field()).isEqualTo("name");
        String before = peas();
        season.step(before, stepOf("DRY", 9000, 8000));
        season.step(before, with(stepOf("SCREEN", 8000, 7000), "way", "round holes", "hole", 8.5));
        JsonNode choice = season.grower.get("/api/lots/" + peas() + "/chain").ok();
        assertThat(choice.at("/own/0/name").asString()).isEqualTo("our peas");
        assertThat(choice.at("/last/0/kind").asString()).isEqualTo("SCREEN");
        assertThat(choice.at("/last/0/hole").asDouble()).isEqualTo(8.5);
        assertThat(tried(before, with(stepOf("SCREEN", 7000, 6900), "hole", 0)).field())
                .isEqualTo("hole");
        assertThat(tried(before, with(stepOf("SCREEN", 7000, 6900), "people", 0))
                        .field())
                .isEqualTo("people");
    }

    @Test
    void aCautionIsReadOnceByEachPersonInASeason() {
        Client hand = Client.as("hand", port);
        hand.post("/api/cautions", record("caution", "THRESH")).ok();
        assertThat(hand.post("/api/cautions", record("caution", "THRESH")).ok().toString())
                .contains("THRESH");
        assertThat(season.grower.get("/api/cautions").ok().toString())
                .as("everyone reads it for themselves")
                .doesNotContain("THRESH");
        assertThat(Client.as("visitor", port)
                        .post("/api/cautions", record("caution", "THRESH"))
                        .status())
                .isEqualTo(403);
    }

    @Test
    void whyMassWentMissingIsCounted() {
        String number = peas();
        season.step(number, stepOf("DRY", 9000, 8000));
        Map<String, Object> threshed = with(stepOf("THRESH", 8000, 3000), "byProducts", List.of());
        JsonNode step = season.step(number, with(threshed, "missingReason", "EATEN", "missingBecause", "mice"));
        assertThat(step.get("alarm").asBoolean()).isTrue();
        assertThat(step.get("missingReason").asString()).isEqualTo("EATEN");
        assertThat(season.grower.get("/api/yields?crop=pea").ok().get("reasons").findValuesAsString("reason"))
                .contains("EATEN");
        assertThat(tried(number, with(stepOf("SCREEN", 3000, 2900), "missingReason", "MAGIC"))
                        .status())
                .isEqualTo(400);
    }

    @Test
    void severalPicksJoinALotUntilTheBenchBegins() {
        String number = peas();
        season.grower
                .post("/api/lots/" + number + "/picks", with(harvestOf(1000, 40), "pickedOn", "2026-08-03"))
                .ok();
        season.grower
                .post(
                        "/api/lots/" + number + "/picks",
                        with(harvestOf(500, 6), "pickedFrom", "STRETCH", "which", "bed 2", "containers", 2))
                .ok();
        JsonNode harvest = season.lot(number).at("/known/harvest");
        assertThat(harvest.get("mass").asInt()).isEqualTo(10_500);
        assertThat(harvest.get("plants").asInt())
                .as("picks over the same plants count once")
                .isEqualTo(290);
        assertThat(harvest.get("pickedOn").asString()).isEqualTo("2026-08-01");
        assertThat(harvest.get("lastOn").asString()).isEqualTo("2026-08-03");
        assertThat(harvest.get("containers").asInt()).isEqualTo(4);
        season.step(number, stepOf("DRY", 10_500, 9000));
        Client.Answer late = season.grower.post("/api/lots/" + number + "/picks", harvestOf(100, 3));
        assertThat(late.detail()).contains("Work at the bench has begun on " + number, "its own number");
    }

    @Test
    void whatLaterStepsGaveCannotBeCorrectedAway() {
        String number = peas();
        JsonNode dried = season.step(number, stepOf("DRY", 9000, 8000));
        season.step(number, stepOf("THRESH", 8000, 5000));
        Client.Answer less = season.grower.put(
                "/api/steps/" + dried.get("id").asString(),
                with(stepOf("DRY", 9000, 4900), "version", 0, "reason", "mistyped"));
        assertThat(less.field()).isEqualTo("massOut");
        assertThat(less.detail()).contains("at least 5 kg", "what the next step gave");
        Client.Answer picked = season.grower.put(
                season.pickOf(number), with(harvestOf(7900, 290), "version", 0, "reason", "mistyped"));
        assertThat(picked.field()).isEqualTo("mass");
        assertThat(season.lot(number).at("/known/harvest/mass").asInt()).isEqualTo(9000);
    }

    @Test
    void aStepThatTookAllThereWasFollowsACorrectionThreeStepsBack() {
        String number = peas();
        season.step(number, with(stepOf("DRY", 9000, 8000), "moistureOut", 12));
        season.step(number, with(stepOf("THRESH", 8000, 5000), "byProducts", gone("haulm", 3000)));
        season.step(number, with(stepOf("SCREEN", 5000, 4800), "byProducts", gone("chaff", 200)));
        season.step(number, with(stepOf("WINNOW", 4000, 3900), "byProducts", gone("light seed", 100)));
        JsonNode step = bench(number).at("/steps/1");
        String threshed = step.get("id").asString();
        Map<String, Object> right = with(
                stepOf("THRESH", 8000, 5500),
                "byProducts",
                gone("haulm", 2500),
                "version",
                step.get("version").asInt(),
                "reason",
                "two bowls");
        JsonNode tried = season.grower
                .post("/api/lots/" + number + "/steps/preview?corrects=" + threshed, right)
                .ok();
        assertThat(tried.at("/changes/steps").findValuesAsString("kind")).containsExactly("THRESH", "SCREEN");
        assertThat(tried.at("/changes/steps/1/before/alarm").asBoolean()).isFalse();
        assertThat(tried.at("/changes/steps/1/after/alarm").asBoolean()).isTrue();
        assertThat(tried.at("/changes/steps/1/after/massIn").asInt()).isEqualTo(5500);
        assertThat(bench(number).at("/steps/2/massIn").asInt())
                .as("trying keeps nothing")
                .isEqualTo(5000);

        season.grower.put("/api/steps/" + threshed, right).ok();
        JsonNode steps = bench(number).get("steps");
        assertThat(steps.get(2).get("massIn").asInt()).isEqualTo(5500);
        assertThat(steps.get(2).get("share").asDouble()).isCloseTo(4800 / 5500.0, within(1e-12));
        assertThat(steps.get(2).get("alarm").asBoolean()).isTrue();
        assertThat(steps.get(3).get("massIn").asInt())
                .as("what was weighed in apart stays")
                .isEqualTo(4000);
        assertThat(season.lot(number).get("corrections").findValuesAsString("reason"))
                .contains("two bowls", "follows the weight before it: two bowls");
    }

    @Test
    void theFirstStepFollowsWhatWasPicked() {
        String number = peas();
        season.step(number, stepOf("DRY", 9000, 8000));
        String pick = season.pickOf(number);
        JsonNode changes = season.grower.get(pick + "/changes?mass=8500").ok();
        assertThat(changes.at("/steps/0/after/massIn").asInt()).isEqualTo(8500);
        assertThat(season.grower.get(pick + "/changes?mass=0").field()).isEqualTo("mass");
        season.grower
                .put(pick, with(harvestOf(8500, 290), "version", 0, "reason", "the crate was weighed with it"))
                .ok();
        assertThat(bench(number).at("/steps/0/massIn").asInt()).isEqualTo(8500);
    }

    @Test
    void whatTheFarmsOtherLotsGaveIsToldBeforehand() {
        String crop = "sunflower";
        String planting = season.planted(crop, "2026-04-20", 300);
        for (int out : List.of(3000, 3100, 3200, 3300)) {
            season.step(season.picked(planting, 9000, 290), stepOf("THRESH", 9000, out));
        }
        String number = season.picked(planting, 9000, 290);
        JsonNode first = null;
        for (JsonNode one :
                season.grower.get("/api/lots/" + number + "/chain").ok().get("shares")) {
            first = one.has("after") ? first : one;
        }
        JsonNode share = first.get("share");
        assertThat(share.get("kind").asString()).isEqualTo("THRESH");
        assertThat(share.get("steps").asInt()).isEqualTo(4);
        assertThat(share.get("median").asDouble()).isCloseTo(3150 / 9000.0, within(1e-9));
        String path = "/api/lots/" + number + "/steps/preview";
        String dried = season.picked(planting, 9000, 290);
        season.step(dried, stepOf("DRY", 9000, 8000));
        assertThat(season.grower
                        .post("/api/lots/" + dried + "/steps/preview", stepOf("THRESH", 8000, 1500))
                        .ok()
                        .has("place"))
                .as("none of them was dried before")
                .isFalse();
        JsonNode low = season.grower.post(path, stepOf("THRESH", 9000, 1500)).ok();
        assertThat(low.get("place").asString()).isEqualTo("BELOW");
        assertThat(low.has("meant")).isFalse();
        JsonNode mixed = season.grower.post(path, stepOf("THRESH", 9000, 3.1)).ok();
        assertThat(mixed.get("meant").asDouble()).isCloseTo(3100, within(1e-9));
    }

    @Test
    void aStepOfAnotherLotIsNotTriedOnThisOne() {
        JsonNode other = season.step(peas(), stepOf("DRY", 9000, 8000));
        assertThat(season.grower
                        .post(
                                "/api/lots/" + peas() + "/steps/preview?corrects="
                                        + other.get("id").asString(),
                                stepOf("DRY", 9000, 8000))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void gramsForKilogramsAreNoticedWithNoOtherLotToCompare() {
        JsonNode tried = season.grower
                .post("/api/lots/" + tomatoes() + "/steps/preview", stepOf("EXTRACT", 36_200, 6.1))
                .ok();
        assertThat(tried.get("meant").asDouble()).isCloseTo(6100, within(1e-9));
    }

    @Test
    void seedCutOpenOfTheDiscardSaysWhetherItWasSetRight() {
        String planting = season.planted("quinoa", "2026-04-20", 300);
        String number = season.picked(planting, 9000, 290);
        String path = "/api/steps/"
                + season.step(
                                number,
                                with(stepOf("SCREEN", 9000, 7000), "byProducts", gone("small seed", 2000), "hole", 7))
                        .get("id")
                        .asString()
                + "/checks";
        Map<String, Object> look = record("lookedOn", "2026-08-14", "look", "DISCARD_CUT", "seeds", 50, "found", 45);
        JsonNode check = season.grower.post(path, look).ok();
        assertThat(check.at("/setting/verdict").asString()).isEqualTo("TOO_HARD");
        assertThat(check.at("/setting/lost").asDouble()).isCloseTo(1800, within(1e-9));
        assertThat(season.grower.post(path, with(look, "found", 51)).field()).isEqualTo("found");
        assertThat(season.grower.post(path, with(look, "discarded", 2001)).field())
                .isEqualTo("discarded");
        assertThat(season.grower
                        .post(path, with(look, "lookedOn", "2026-08-15"))
                        .field())
                .isEqualTo("lookedOn");

        JsonNode right = season.grower
                .put(
                        "/api/setting-checks/" + check.get("id").asString(),
                        with(look, "discarded", 90, "version", 0, "reason", "most of it was chaff"))
                .ok();
        assertThat(right.at("/setting/verdict").asString()).isEqualTo("RIGHT");
        JsonNode page = season.lot(number);
        assertThat(page.at("/checks/0/discarded").asInt()).isEqualTo(90);
        assertThat(page.at("/corrections/0/was").asString()).isEqualTo("2000");
        assertThat(season.grower
                        .get("/api/lots/" + season.picked(planting, 9000, 290) + "/chain")
                        .ok()
                        .at("/last")
                        .findValuesAsString("verdict"))
                .contains("RIGHT");
    }

    @Test
    void nothingThrownOutCannotBeLookedAt() {
        JsonNode step = season.step(peas(), stepOf("DRY", 9000, 8000));
        String path = "/api/steps/" + step.get("id").asString() + "/checks";
        Map<String, Object> look = record("lookedOn", "2026-08-14", "look", "DISCARD_CUT", "seeds", 50, "found", 5);
        assertThat(season.grower.post(path, look).field()).isEqualTo("look");
        assertThat(season.grower
                        .post(path, with(look, "look", "KEPT_BROKEN", "found", 0))
                        .ok()
                        .get("enough")
                        .asInt())
                .as("none broken of 50 does not show five in a hundred yet")
                .isBetween(59, 80);
    }

    private static List<Map<String, Object>> gone(String what, double mass) {
        return List.of(record("what", what, "mass", mass, "goneTo", "compost"));
    }
}
