package theriseed.server.season;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static theriseed.server.Season.plantingOf;
import static theriseed.server.Season.varietyOf;
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
        JsonNode cabbage = season.grower
                .post(
                        "/api/plantings",
                        plantingOf(season.variety("cabbage"), season.plotAt(-3900, north), "2025-06-20", 80))
                .ok();
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
        assertThat(refused.json().get("valid").asString()).isNotBlank();
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

    private static String verdict(JsonNode plantings, String variety) {
        for (JsonNode planting : plantings) {
            if (planting.at("/variety/name").asString().equals(variety)) {
                return planting.at("/isolation/verdict").asString();
            }
        }
        throw new AssertionError(variety + " is not planted");
    }
}
