package theriseed.server.season;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static theriseed.server.Season.plantingOf;
import static theriseed.server.Season.record;
import static theriseed.server.Season.rectangle;
import static theriseed.server.Season.varietyOf;
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
import tools.jackson.databind.json.JsonMapper;

@DemoFarmTest
class PlantingsTest {
    @LocalServerPort
    int port;

    Season season;

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

        season.grower
                .put("/api/varieties/" + id, with(hybrid, "breedingOut", true, "version", 0, "reason", "we try it"))
                .ok();
        season.grower.post("/api/plantings", with(planting, "season", 2026)).ok();
        JsonNode page = season.grower.get("/api/varieties/" + id).ok();
        assertThat(page.at("/corrections/0/field").asString()).isEqualTo("breedingOut");
        assertThat(page.at("/corrections/0/was").asString()).isEqualTo("false");
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
    void everyWayOutCanBeTriedKeptAndUndone() {
        JsonNode brine = named(season.grower.get("/api/seasons/2027").ok(), "Long Ferry");
        JsonNode page = page(brine.get("id").asString());
        assertThat(page.get("ways")
                        .valueStream()
                        .map(way -> way.at("/change/kind").asString()))
                .contains("HandPollinate", "Cage", "AnotherYear");
        for (JsonNode way : page.get("ways")) {
            JsonNode tried = season.grower
                    .post(
                            "/api/plantings/" + way.get("plantingId").asString() + "/tried",
                            record("planting", way.get("then")))
                    .ok();
            String verdict = way.get("verdict").asString();
            for (JsonNode touched : tried) {
                if (touched.get("id").equals(brine.get("id"))
                        && touched.has("isolation")
                        && touched.get("season").asInt() == 2027) {
                    assertThat(touched.at("/isolation/verdict").asString())
                            .as(way.toString())
                            .isEqualTo(verdict);
                }
            }
        }
        JsonNode hand = way(page, "HandPollinate");
        assertThat(hand.at("/change/flowers").asInt())
                .isGreaterThan(hand.at("/change/fruits").asInt());
        assertThat(hand.at("/cost/kind").asString()).isEqualTo("Work");
        assertThat(hand.at("/cost/hours").asDouble()).isPositive();
        String path = "/api/plantings/" + brine.get("id").asString();
        Map<String, Object> then = map(hand.get("then"));
        season.grower.put(path, with(then, "reason", "way out")).ok();
        assertThat(page(brine.get("id").asString())
                        .at("/planting/isolation/verdict")
                        .asString())
                .isEqualTo("CLEAR");
        season.grower
                .put(
                        path,
                        with(
                                then,
                                "control",
                                "OPEN",
                                "everyFlower",
                                true,
                                "version",
                                brine.get("version").asInt() + 1,
                                "reason",
                                "undone"))
                .ok();
        assertThat(page(brine.get("id").asString())
                        .at("/planting/isolation/verdict")
                        .asString())
                .isEqualTo("CROSSES");
    }

    private static JsonNode way(JsonNode page, String kind) {
        for (JsonNode way : page.get("ways")) {
            if (way.at("/change/kind").asString().equals(kind)) {
                return way;
            }
        }
        throw new AssertionError(kind + " is not offered");
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
}
