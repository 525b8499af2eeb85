package theriseed.server.season;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static theriseed.server.Season.plantingOf;
import static theriseed.server.Season.record;
import static theriseed.server.Season.rectangle;
import static theriseed.server.Season.varietyOf;
import static theriseed.server.Season.with;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.core.isolation.Verdict;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

@DemoFarmTest
class PlantingsTest {
    @LocalServerPort
    int port;

    Season season;

    private static final List<String> AS_SENT = List.of(
            ("season plotId stretches rootPlotId rootStretches purpose grade flowers sownOn setOutOn liftedOn replantedOn"
                            + " clearedOn plants inRow betweenRows germination selected control everyFlower dropped"
                            + " volunteersPulled turns flowersFrom flowersUntil restOverruled")
                    .split(" "));

    @BeforeEach
    void season() {
        season = new Season(port);
    }

    @Test
    void aHybridIsNotPlantedForSeedUnlessItsBreedingOutIsDeclared() {
        Map<String, Object> hybrid = with(varietyOf("melon"), "hybrid", true);
        JsonNode kept = season.grower.post("/api/varieties", hybrid).ok();
        String id = kept.get("id").asString();
        Map<String, Object> planting = plantingOf(id, season.plot(), "2026-04-20", 30);

        Client.Answer refused = season.grower.post("/api/plantings", planting);
        assertThat(refused.field()).isEqualTo("varietyId");
        assertThat(refused.detail()).contains("F1 hybrid", "does not come true", "breeding-out project");
        season.grower
                .post("/api/plantings", with(planting, "purpose", "EATING"))
                .ok();

        String path = "/api/varieties/" + id;
        String name = String.valueOf(hybrid.get("name"));
        Map<String, Object> declared = with(hybrid, "breedingOut", true, "version", 0, "reason", "we try it");
        assertThat(season.grower.put(path, declared).field()).isEqualTo("bredFrom");
        Client.Answer same = season.grower.put(path, with(declared, "bredFrom", name));
        assertThat(same.field()).isEqualTo("name");
        assertThat(same.detail()).contains("never goes under the hybrid’s name");
        season.grower
                .put(path, with(declared, "bredFrom", name, "name", name + " lines"))
                .ok();
        String first = season.grower
                .post("/api/plantings", with(planting, "season", 2026))
                .ok()
                .get("id")
                .asString();
        Map<String, Object> again = with(plantingOf(id, season.plot(), "2027-04-20", 30), "season", 2027);
        season.grower.post("/api/plantings", again).ok();
        JsonNode page = season.grower.get(path).ok();
        assertThat(page.at("/generations/2026/generation").asInt()).isEqualTo(1);
        assertThat(page.at("/generations/2027/generation").asInt()).isEqualTo(2);
        assertThat(page.at("/generations/2027/mixed").asDouble()).isBetween(0.5, 1.0);
        assertThat(page(first).at("/generation/generation").asInt()).isEqualTo(1);
        assertThat(page.at("/corrections").findValuesAsString("field")).contains("breedingOut", "bredFrom", "name");
        assertThat(page.at("/corrections/0/recordedBy").asString()).isEqualTo("grower");
    }

    @Test
    void twoOfAGroupTooNearCrossAndThePreviewSaysTheSameBeforeAnythingIsKept() {
        double north = -4000;
        String first = season.variety("courgette");
        season.grower
                .post("/api/plantings", plantingOf(first, season.plotAt(-4000, north), "2026-05-10", 30))
                .ok();
        Map<String, Object> second =
                plantingOf(season.variety("pumpkin-pepo"), season.plotAt(-3880, north), "2026-05-10", 30);

        JsonNode seen = season.grower.post("/api/plantings/preview", second).ok();
        JsonNode kept = season.grower.post("/api/plantings", second).ok();

        JsonNode threat = kept.at("/isolation/threats/0");
        assertThat(threat.get("metres").asDouble()).isCloseTo(80, within(0.5));
        assertThat(threat.get("verdict").asString()).isEqualTo("CROSSES");
        assertThat(threat.get("why").asString()).isEqualTo("TOO_NEAR");
        assertThat(threat.get("daysTogether").asInt()).isPositive();
        assertThat(kept.at("/isolation/crossing").asDouble())
                .isGreaterThan(kept.at("/isolation/allowed").asDouble());
        assertThat(seen.get("isolation")).isEqualTo(kept.get("isolation"));
        assertThat(seen.get("population")).isEqualTo(kept.get("population"));
    }

    @Test
    void grownToEatAndTakenBeforeBloomItThreatensNobody() {
        double north = 4000;
        Map<String, Object> eaten = with(
                plantingOf(season.variety("kale"), season.plotAt(-4000, north), "2025-06-20", 80),
                "purpose",
                "EATING",
                "flowers",
                false);
        JsonNode kept = season.grower.post("/api/plantings", eaten).ok();
        assertThat(kept.has("isolation")).isFalse();
        assertThat(kept.has("population")).isFalse();
        String id = kept(plantingOf(season.variety("cabbage"), season.plotAt(-3900, north), "2025-06-20", 80));
        JsonNode cabbage = season.grower.get("/api/plantings/" + id).ok().get("planting");
        assertThat(cabbage.at("/isolation/verdict").asString()).isEqualTo("CLEAR");
        assertThat(cabbage.at("/isolation/threats").findValuesAsString("why")).contains("SHEDS_NOTHING");
    }

    @ParameterizedTest
    @CsvSource({
        "pea, sownOn, 2027-03-01, sownOn",
        "pea, sownOn, 2025-03-01, sownOn",
        "kale, sownOn, 2026-03-01, sownOn",
        "pea, season, 1999, season",
        "pea, plants, 0, plants",
        "pea, plants, -4, plants",
        "pea, plants, 2000000, plants",
        "pea, germination, 0, germination",
        "pea, germination, 101, germination",
        "pea, setOutOn, 2026-01-01, setOutOn",
        "pea, flowers, false, flowers",
        "garlic, plants, 100, purpose"
    })
    void whatMakesNoSenseIsRefusedByField(String crop, String part, String value, String field) {
        Map<String, Object> planting =
                plantingOf(season.variety(crop), season.plot(), crop.equals("kale") ? "2025-07-01" : "2026-03-20", 60);
        Client.Answer refused = season.grower.post("/api/plantings", with(planting, part, value));
        assertThat(refused.status()).as(refused.text()).isEqualTo(400);
        assertThat(refused.field()).isEqualTo(field);
        assertThat(refused.json().at("/refusal/kind").asString()).isNotBlank();
    }

    @Test
    void tooFewPlantsAreShortAndTheSeedToSowGivesEnoughInNineteenYearsOfTwenty() {
        String few = season.planted("kale", "2025-07-01", 20);
        JsonNode population = season.grower.get("/api/plantings/" + few).ok().at("/planting/population");
        assertThat(population.get("mark").asString()).isEqualTo("SHORT");
        assertThat(population.get("asked").asInt()).isEqualTo(60);
        assertThat(population.get("effectiveSize").asDouble()).isLessThanOrEqualTo(20);
        assertThat(population.get("chance").asDouble()).isGreaterThanOrEqualTo(0.95);
        assertThat(population.get("seedToSow").asInt()).isGreaterThan(20);
    }

    @Test
    void twoPeopleWhoChangeOnePlantingBothKeepTheirVersion() {
        String variety = season.variety("pea");
        Map<String, Object> planting = plantingOf(variety, season.plot(), "2026-03-20", 300);
        String id =
                season.grower.post("/api/plantings", planting).ok().get("id").asString();
        assertThat(season.grower
                        .put("/api/plantings/" + id, with(planting, "plants", 9, "version", 0, "reason", " "))
                        .field())
                .isEqualTo("reason");
        Map<String, Object> mine = with(planting, "plants", 250, "version", 0, "reason", "slugs");
        Map<String, Object> theirs = with(planting, "plants", 280, "version", 0, "reason", "counted");
        season.grower.put("/api/plantings/" + id, theirs).ok();

        Client.Answer clash = season.grower.put("/api/plantings/" + id, mine);
        assertThat(clash.status()).isEqualTo(409);
        assertThat(clash.json().at("/current/plants").asInt()).isEqualTo(280);
        int version = clash.json().at("/current/version").asInt();
        JsonNode settled = season.grower
                .put("/api/plantings/" + id, with(mine, "version", version))
                .ok();
        assertThat(settled.get("plants").asInt()).isEqualTo(250);
        JsonNode corrections = season.grower.get("/api/plantings/" + id).ok().get("corrections");
        assertThat(corrections.findValuesAsString("was")).containsExactly("280", "300");
        assertThat(corrections.findValuesAsString("reason")).containsExactly("slugs", "counted");
    }

    @Test
    void theDemoFarmsPlanHoldsTheTroublesThatAreToBeFound() {
        JsonNode plantings = season.grower.get("/api/seasons/2026").ok().get("plantings");
        assertThat(verdict(plantings, "Long Ferry")).isEqualTo("CROSSES");
        assertThat(verdict(plantings, "Barrow Moon")).isEqualTo("CROSSES");
        assertThat(verdict(plantings, "Brine")).isEqualTo("CROSSES");
        assertThat(verdict(plantings, "Oyster Stem")).isEqualTo("CROSSES");
        assertThat(verdict(plantings, "Ninefold"))
                .as("a neighbour's kale, not surely seen")
                .isEqualTo("TIGHT");
        assertThat(verdict(plantings, "Lantern Quay")).isEqualTo("CLEAR");
    }

    private String kept(Map<String, Object> planting) {
        return season.grower.post("/api/plantings", planting).ok().get("id").asString();
    }

    private JsonNode page(String id) {
        return season.grower.get("/api/plantings/" + id).ok();
    }

    private String bed(String plot, String name, double east, double north) {
        return season.grower
                .post("/api/beds", record("plotId", plot, "name", name, "outline", rectangle(east, north, 30, 2)))
                .ok()
                .get("id")
                .asString();
    }

    private static List<Map<String, Object>> stretch(String bed, double from, double to) {
        return List.of(record("bedId", bed, "from", from, "to", to));
    }

    @Test
    void aBedHoldsOnePlantingAtATime() {
        String plot = season.plotAt(-4200, 3000);
        String bed = bed(plot, "Bed 1", -4200, 3000);
        kept(with(plantingOf(season.variety("pea"), plot, "2026-03-20", 100), "stretches", stretch(bed, 0, 15)));
        Map<String, Object> lettuce = plantingOf(season.variety("lettuce"), plot, "2026-04-10", 20);
        Client.Answer taken = season.grower.post("/api/plantings", with(lettuce, "stretches", stretch(bed, 10, 25)));
        assertThat(taken.field()).isEqualTo("stretches");
        assertThat(taken.detail()).contains("bed 1 from 0 to 15 m holds", "until 21 Jul 2026");
        JsonNode beside =
                page(kept(with(lettuce, "stretches", stretch(bed, 15, 30)))).get("planting");
        assertThat(beside.get("ground").asString()).endsWith("bed 1 from 15 to 30 m");
        Client.Answer beyond = season.grower.post("/api/plantings", with(lettuce, "stretches", stretch(bed, 20, 45)));
        assertThat(beyond.detail()).contains("to: 45 m is not allowed");
        Client.Answer over = season.grower.post(
                "/api/plantings",
                with(plantingOf(season.variety("spinach"), plot, "2026-04-10", 20), "stretches", stretch(bed, 15, 15)));
        assertThat(over.status()).isEqualTo(400);
    }

    @Test
    void moreThanFitAtTheSpacingAreRefusedWithWhatFits() {
        String plot = season.plotAt(-4200, 2800);
        String bed = bed(plot, "Bed 1", -4200, 2800);
        Map<String, Object> kale = with(
                plantingOf(season.variety("kale"), plot, "2025-07-01", 201),
                "stretches",
                stretch(bed, 0, 30),
                "inRow",
                0.5,
                "betweenRows",
                0.6);
        Client.Answer refused = season.grower.post("/api/plantings", kale);
        assertThat(refused.field()).isEqualTo("plants");
        assertThat(refused.detail()).contains("has room for 200 plants");
    }

    @Test
    void theFamilyRestsUnlessThereIsAReason() {
        String plot = season.plotAt(-4200, 2600);
        kept(with(plantingOf(season.variety("pea"), plot, "2025-03-20", 100), "season", 2025));
        Map<String, Object> bean = plantingOf(season.variety("common-bean"), plot, "2026-05-20", 80);
        Client.Answer refused = season.grower.post("/api/plantings", bean);
        assertThat(refused.field()).isEqualTo("restOverruled");
        assertThat(refused.detail()).contains("Fabaceae", "every 3 years");
        JsonNode kept = page(kept(with(bean, "restOverruled", "the only sheltered plot")));
        assertThat(kept.at("/planting/restOverruled").asString()).isEqualTo("the only sheltered plot");
        kept(plantingOf(season.variety("lettuce"), plot, "2026-04-10", 20));
    }

    @Test
    void aBiennialIsNotSownAndSeededInOneSummerAndItsRootsMayWinterElsewhere() {
        String roots = season.plotAt(-4200, 2400);
        String plot = season.plotAt(-4000, 2400);
        Map<String, Object> beet = plantingOf(season.variety("beetroot"), plot, "2026-04-20", 60);
        assertThat(season.grower.post("/api/plantings", beet).detail()).contains("is a biennial");
        Map<String, Object> stored = with(
                beet,
                "sownOn",
                "2025-06-25",
                "liftedOn",
                "2025-11-05",
                "replantedOn",
                "2026-04-10",
                "rootPlotId",
                roots);
        JsonNode kept = page(kept(stored)).get("planting");
        assertThat(kept.at("/cold/weeks").asDouble())
                .isGreaterThan(kept.at("/cold/asked").asDouble());
        assertThat(kept.at("/bloom/first").asString()).isGreaterThan("2026-04-10");
        Map<String, Object> half = with(stored, "plotId", season.plot());
        half.remove("replantedOn");
        assertThat(season.grower.post("/api/plantings", half).field()).isEqualTo("replantedOn");
        assertThat(season.grower
                        .post(
                                "/api/plantings",
                                with(
                                        plantingOf(season.variety("pea"), season.plot(), "2026-03-20", 60),
                                        "liftedOn",
                                        "2026-05-01",
                                        "replantedOn",
                                        "2026-05-02"))
                        .field())
                .isEqualTo("liftedOn");
    }

    @Test
    void aCropToEatThatStandsTooLongThreatensSeed() {
        double north = -4400;
        Map<String, Object> eaten = with(
                plantingOf(season.variety("kale"), season.plotAt(4200, north), "2025-06-20", 80),
                "purpose",
                "EATING",
                "flowers",
                false,
                "clearedOn",
                "2026-05-20");
        String kale = kept(eaten);
        String cabbage = kept(plantingOf(season.variety("cabbage"), season.plotAt(4300, north), "2025-06-20", 80));
        assertThat(page(cabbage).at("/planting/isolation/verdict").asString()).isEqualTo("CROSSES");
        season.grower
                .put("/api/plantings/" + kale, with(eaten, "clearedOn", "2026-03-01", "version", 0, "reason", "eaten"))
                .ok();
        assertThat(page(cabbage).at("/planting/isolation/verdict").asString()).isEqualTo("CLEAR");
    }

    @Test
    void aSeenFirstFlowerAnchorsTheForecast() {
        String kale = season.planted("kale", "2025-07-01", 70);
        JsonNode planned = page(kale).get("planting");
        assertThat(planned.at("/bloom/seen").asBoolean()).isFalse();
        JsonNode seen = Client.as("hand", port)
                .post("/api/plantings/" + kale + "/first-flower", record("version", 0, "seenOn", "2026-05-02"))
                .ok();
        assertThat(seen.at("/bloom/first").asString()).isEqualTo("2026-05-02");
        assertThat(seen.at("/bloom/seen").asBoolean()).isTrue();
        assertThat(seen.at("/bloom/firstSpreadDays").asDouble())
                .isLessThan(planned.at("/bloom/firstSpreadDays").asDouble());
        assertThat(page(kale).at("/corrections/0/field").asString()).isEqualTo("firstFlowerOn");
        assertThat(season.grower
                        .post("/api/plantings/" + kale + "/first-flower", record("version", 1, "seenOn", "2026-09-02"))
                        .field())
                .isEqualTo("seenOn");
    }

    @Test
    void everyWayOutComesToWhatItSaysAndCanBeKeptAndTakenBack() {
        Set<String> kinds = new TreeSet<>();
        for (JsonNode planting : season.grower.get("/api/seasons/2027").ok().get("plantings")) {
            String id = planting.get("id").asString();
            int places = 0;
            int ways = page(id).get("ways").size();
            for (int i = 0; i < ways; i++) {
                JsonNode way = page(id).get("ways").get(i);
                way.get("steps")
                        .forEach(step -> kinds.add(step.at("/change/kind").asString()));
                boolean move = way.at("/steps/0/change/kind").asString().equals("Move");
                if (move && places++ > 1) {
                    continue;
                }
                comesTo(
                        id,
                        way,
                        season.grower
                                .post("/api/seasons/2027/ways-out/tried", way.get("plan"))
                                .ok());
                takenBack(id, way);
            }
        }
        assertThat(kinds).contains("HandPollinate", "Cage", "AnotherYear", "LiftAndReplant", "CageByTurns");
    }

    private void comesTo(String id, JsonNode way, JsonNode then) {
        for (JsonNode touched : then) {
            boolean itself = touched.get("id").asString().equals(id)
                    && touched.has("isolation")
                    && touched.get("season").asInt() == 2027;
            if (itself) {
                assertThat(touched.at("/isolation/verdict").asString())
                        .as(way.toString())
                        .isEqualTo(way.get("verdict").asString());
                assertThat(touched.at("/isolation/crossing").asDouble())
                        .as(way.toString())
                        .isCloseTo(way.get("crossing").asDouble(), within(1e-9));
            }
        }
    }

    private void takenBack(String id, JsonNode way) {
        String before = page(id).at("/planting/isolation/crossing").asString();
        Map<String, JsonNode> were = new HashMap<>();
        way.at("/plan/plantings")
                .forEach(planned -> were.put(
                        planned.get("id").asString(),
                        page(planned.get("id").asString()).get("planting")));
        JsonNode kept = season.grower
                .post("/api/ways-out/kept", record("plan", way.get("plan"), "reason", "a way out"))
                .ok();
        JsonNode now = page(id).get("planting");
        if (now.get("season").asInt() == 2027 && now.has("isolation")) {
            assertThat(Verdict.valueOf(now.at("/isolation/verdict").asString()))
                    .as("moved away it is out of what comes up by itself, too: " + way)
                    .isLessThanOrEqualTo(Verdict.valueOf(way.get("verdict").asString()));
        }
        List<Map<String, Object>> back = new ArrayList<>();
        kept.get("plantings")
                .forEach(one -> back.add(record(
                        "id",
                        one.get("id").asString(),
                        "then",
                        asRequest(
                                were.get(one.get("id").asString()),
                                one.get("version").asInt()))));
        List<Map<String, Object>> neighbours = new ArrayList<>();
        kept.get("neighbours").forEach(one -> neighbours.add(map(one)));
        season.grower
                .post(
                        "/api/ways-out/kept",
                        record("plan", record("plantings", back, "neighbours", neighbours), "reason", "undone"))
                .ok();
        assertThat(page(id).at("/planting/isolation/crossing").asString()).isEqualTo(before);
    }

    @Test
    void ofAWayOutAllIsKeptOrNothing() {
        String kale = season.planted("kale", "2025-07-01", 70);
        JsonNode planting = page(kale).get("planting");
        Map<String, Object> good = asRequest(planting, 0);
        Map<String, Object> bad = with(good, "dropped", 900);
        String other = season.planted("lettuce", "2026-04-01", 30);
        assertThat(season.grower
                        .post(
                                "/api/ways-out/kept",
                                record(
                                        "plan",
                                        record(
                                                "plantings",
                                                List.of(
                                                        record("id", kale, "then", with(good, "plants", 60)),
                                                        record(
                                                                "id",
                                                                other,
                                                                "then",
                                                                with(
                                                                        asRequest(
                                                                                page(other)
                                                                                        .get("planting"),
                                                                                0),
                                                                        "dropped",
                                                                        900))),
                                                "neighbours",
                                                List.of()),
                                        "reason",
                                        "both"))
                        .field())
                .isEqualTo("dropped");
        assertThat(page(kale).at("/planting/plants").asInt()).isEqualTo(70);
        assertThat(season.grower
                        .put("/api/plantings/" + kale, with(bad, "reason", "rows"))
                        .field())
                .isEqualTo("dropped");
        assertThat(season.grower
                        .put("/api/plantings/" + kale, with(good, "dropped", 60, "reason", "wider than the plot"))
                        .field())
                .as("no more rows than the plot has")
                .isEqualTo("dropped");
    }

    /** A planting as it stands, to be planned again from that version of it. */
    private static Map<String, Object> asRequest(JsonNode planting, int version) {
        Map<String, Object> request = new HashMap<>();
        for (String field : AS_SENT) {
            if (planting.has(field)) {
                request.put(field, planting.get(field));
            }
        }
        request.put("varietyId", planting.at("/variety/id").asString());
        request.put("version", version);
        return request;
    }

    @SuppressWarnings("unchecked")
    private static Map<String, Object> map(JsonNode node) {
        return JsonMapper.shared().convertValue(node, Map.class);
    }

    private static JsonNode named(JsonNode view, String variety) {
        for (JsonNode planting : view.get("plantings")) {
            if (planting.at("/variety/name").asString().equals(variety)) {
                return planting;
            }
        }
        throw new AssertionError(variety + " is not planted");
    }

    @Test
    void draggingAPlantingRedrawsItsDistancesWithoutKeepingAnything() {
        double north = 1600;
        String courgette = kept(plantingOf(season.variety("courgette"), season.plotAt(-4200, north), "2026-05-10", 30));
        Map<String, Object> squash =
                plantingOf(season.variety("pumpkin-pepo"), season.plotAt(-4000, north), "2026-05-10", 30);
        String id = kept(squash);
        JsonNode tried = season.grower
                .post("/api/plantings/" + id + "/tried", record("planting", squash, "east", 300, "north", 0))
                .ok();
        assertThat(tried.get(0).at("/isolation/threats/0/metres").asDouble()).isCloseTo(460, within(1.0));
        assertThat(tried.findValuesAsString("id")).contains(courgette);
        assertThat(page(id).at("/planting/isolation/threats/0/metres").asDouble())
                .isCloseTo(160, within(1.0));
    }

    @Test
    void whatBloomsOnTheSameDaysIsJudgedTogetherWhateverSeasonItIsFiledUnder() {
        String summer = kept(plantingOf(season.variety("radish"), season.plotAt(-4400, -3000), "2026-08-20", 80));
        Map<String, Object> autumn = with(
                plantingOf(season.variety("radish"), season.plotAt(-4350, -3000), "2026-09-01", 80), "season", 2027);
        String later = kept(autumn);
        JsonNode threat = page(summer).at("/planting/isolation/threats/0");
        assertThat(threat.get("sourceId").asString()).isEqualTo(later);
        assertThat(threat.get("name").asString()).endsWith(" of 2027");
        assertThat(threat.get("daysTogether").asInt()).isPositive();
        assertThat(page(summer).at("/planting/isolation/verdict").asString()).isEqualTo("CROSSES");
        assertThat(page(later).at("/planting/isolation/verdict").asString()).isEqualTo("CROSSES");
        season.grower
                .put(
                        "/api/plantings/" + later,
                        with(autumn, "sownOn", "2027-04-01", "version", 0, "reason", "sown in spring instead"))
                .ok();
        assertThat(page(summer).at("/planting/isolation/verdict").asString()).isEqualTo("CLEAR");
    }

    /** What is sown too late to ripen will not be grown as it is planned, and the days it would bloom clear nothing. */
    @Test
    void aBloomThatCannotRipenSeedClearsNothing() {
        double north = -3300;
        String early = kept(with(
                plantingOf(season.variety("common-bean"), season.plotAt(-4400, north), "2027-05-20", 200),
                "season",
                2027));
        JsonNode ripens = page(early).at("/planting/ripens");
        assertThat(ripens.get("mark").asString()).isEqualTo("RIPENS");
        assertThat(ripens.get("ends").asString()).startsWith("2027-1");

        String maize = kept(with(
                plantingOf(season.variety("flour-maize"), season.plotAt(-4400, north + 200), "2027-05-12", 300),
                "season",
                2027));
        String late = kept(with(
                plantingOf(season.variety("flour-maize"), season.plotAt(-4340, north + 200), "2027-07-15", 300),
                "season",
                2027));
        assertThat(page(late).at("/planting/ripens/mark").asString()).isEqualTo("WILL_NOT");
        assertThat(page(late).at("/planting/isolation/verdict").asString()).isEqualTo("CROSSES");
        assertThat(page(maize).at("/planting/isolation/verdict").asString()).isEqualTo("CROSSES");
    }

    @Test
    void volunteersOfLastYearsCropAreAThreatUntilTheyAreHoed() {
        String plot = season.plotAt(-4200, 1400);
        kept(with(plantingOf(season.variety("kale"), plot, "2024-07-01", 70), "season", 2025));
        Map<String, Object> cabbage =
                with(plantingOf(season.variety("cabbage"), plot, "2025-06-20", 80), "restOverruled", "no other ground");
        JsonNode page = page(kept(cabbage));
        JsonNode threat = page.at("/planting/isolation/threats/0");
        assertThat(threat.get("source").asString()).isEqualTo("VOLUNTEERS");
        assertThat(threat.get("metres").asDouble()).isZero();
        assertThat(threat.get("verdict").asString())
                .as("whether they come up is not known, and forgives nothing")
                .isEqualTo("CROSSES");
        assertThat(threat.get("sure").asBoolean()).isFalse();
        season.grower
                .put(
                        "/api/plantings/" + page.at("/planting/id").asString(),
                        with(cabbage, "volunteersPulled", true, "version", 0, "reason", "hoed in March"))
                .ok();
        assertThat(page(page.at("/planting/id").asString())
                        .at("/planting/isolation/verdict")
                        .asString())
                .isEqualTo("CLEAR");
    }

    @Test
    void aPlantingIsGivenUpAndTakenBackUnlessALotCameFromIt() {
        String pea = season.planted("pea", "2026-03-20", 60);
        String path = "/api/plantings/" + pea + "/given-up";
        season.grower
                .post(path, record("version", 0, "reason", "drowned in April", "givenUp", true))
                .ok();
        assertThat(season.grower.get("/api/seasons/2026").text()).doesNotContain(pea);
        season.grower
                .post(path, record("version", 1, "reason", "some came through", "givenUp", false))
                .ok();
        season.numbered(pea);
        assertThat(season.grower
                        .post(path, record("version", 2, "reason", "gone", "givenUp", true))
                        .detail())
                .contains("came from this planting");
    }

    private static String verdict(JsonNode plantings, String variety) {
        for (JsonNode planting : plantings) {
            if (planting.at("/variety/name").asString().equals(variety)) {
                return planting.at("/isolation/verdict").asString();
            }
        }
        throw new AssertionError(variety + " is not planted");
    }

    @Test
    void whatIsProposedCanBeKept() {
        int place = 0;
        for (String crop : List.of("tomato", "kale", "carrot", "common-bean", "lettuce", "courgette", "sunflower")) {
            String variety = season.variety(crop);
            JsonNode days = season.grower
                    .get("/api/varieties/" + variety + "/proposed?season=2028&grade=MARKET")
                    .ok();
            Map<String, Object> planting = with(
                    plantingOf(
                            variety,
                            season.plotAt(4900, -4900 + 45 * place++),
                            days.get("sownOn").asString(),
                            days.get("plants").asInt()),
                    "season",
                    2028);
            for (String day : List.of("setOutOn", "liftedOn", "replantedOn")) {
                if (days.has(day)) {
                    planting = with(planting, day, days.get(day).asString());
                }
            }
            JsonNode kept =
                    season.grower.post("/api/plantings/preview", planting).ok();
            assertThat(kept.at("/population/mark").asString()).as(crop).isEqualTo("CLEAR");
            assertThat(kept.at("/ripens/mark").asString()).as(crop).isNotEqualTo("WILL_NOT");
            assertThat(kept.has("bloom")).as(crop).isTrue();
        }
        JsonNode tomato = season.grower
                .get("/api/varieties/" + season.variety("tomato") + "/proposed?season=2028&grade=MARKET")
                .ok();
        assertThat(tomato.get("setOutOn").asString())
                .as("after the last frost of spring")
                .isGreaterThan("2028-04-20");
    }

    @Test
    void ownSeedIsEnoughByItsOwnGermination() {
        JsonNode brine = named(season.grower.get("/api/seasons/2027").ok(), "Brine");
        JsonNode population = page(brine.get("id").asString()).at("/planting/population");
        JsonNode left = population.get("onHand");
        assertThat(left.get("germination").asDouble())
                .isLessThan(brine.get("germination").asDouble());
        double sown = population.get("seedToSowGrams").asDouble();
        assertThat(left.get("needed").asDouble())
                .as("more of it is to be sown than of seed that germinates as planned")
                .isGreaterThan(sown);
        assertThat(left.get("enough").asBoolean())
                .isEqualTo(left.get("grams").asDouble() >= left.get("needed").asDouble());
    }
}
