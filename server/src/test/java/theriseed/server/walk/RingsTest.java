package theriseed.server.walk;

import static org.assertj.core.api.Assertions.assertThat;
import static theriseed.server.Season.record;
import static theriseed.server.Season.walkOf;
import static theriseed.server.Season.with;

import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

/** An off-type found in bloom, and what becomes of the seed round it. */
@DemoFarmTest
class RingsTest {
    @LocalServerPort
    int port;

    Season season;
    String planting;
    String walk;

    @BeforeEach
    void anOffTypeShedPollen() {
        season = new Season(port);
        planting = season.planted("kale", "2025-07-05", 200);
        JsonNode page = page();
        String first = page.at("/planting/bloom/first").asString();
        String day = java.time.LocalDate.parse(first).plusDays(12).toString();
        Map<String, Object> found = with(
                walkOf("flowering", 200, 2), "walkedOn", day, "sheddingSince", first, "rows", java.util.List.of(1));
        found.put("rowsInAll", 4);
        walk = season.grower
                .post("/api/plantings/" + planting + "/walks", found)
                .ok()
                .get("id")
                .asString();
    }

    private JsonNode page() {
        return season.grower.get("/api/plantings/" + planting + "/walks").ok();
    }

    private static Map<String, Object> ring(String decision) {
        return record(
                "id",
                UUID.randomUUID(),
                "row",
                2,
                "along",
                12.5,
                "radius",
                4.0,
                "decision",
                decision,
                "reason",
                "in full bloom");
    }

    private Client.Answer decide(Map<String, Object> ring) {
        return season.grower.post("/api/walks/" + walk + "/rings", ring);
    }

    @Test
    void offTypesFoundInBloomAreTakenToHaveFloweredUnlessSomebodySaysTheyHadNot() {
        String other = season.planted("kale", "2025-07-05", 200);
        String path = "/api/plantings/" + other + "/walks";
        JsonNode bloom = season.grower.get(path).ok();
        String first = bloom.at("/planting/bloom/first").asString();
        assertThat(bloom.get("flowersFrom").asString()).isEqualTo(first);
        Map<String, Object> found = with(
                walkOf("flowering", 200, 2),
                "walkedOn",
                java.time.LocalDate.parse(first).plusDays(12).toString());
        season.grower.post(path, found).ok();
        JsonNode made = season.grower.get(path).ok().at("/walks/0");
        JsonNode late = season.grower.get(path).ok().at("/late/0");
        assertThat(late.get("taken").asBoolean()).isTrue();
        assertThat(late.get("since").asString()).isEqualTo(first);
        assertThat(late.at("/late/shed/seedFathered").asDouble())
                .isGreaterThan(late.at("/late/limit").asDouble());

        Map<String, Object> looked =
                with(found, "version", made.get("version").asInt(), "reason", "looked again", "notFlowered", true);
        assertThat(season.grower
                        .put("/api/walks/" + made.get("id").asString(), with(looked, "sheddingSince", first))
                        .field())
                .isEqualTo("notFlowered");
        season.grower.put("/api/walks/" + made.get("id").asString(), looked).ok();
        assertThat(season.grower.get(path).ok().get("late")).isEmpty();
    }

    @Test
    void whatItFatheredIsReckonedAndWaitsForADecision() {
        JsonNode late = page().at("/late/0");
        assertThat(late.at("/late/shed/seedFathered").asDouble()).isPositive();
        assertThat(late.at("/late/suspect").asBoolean()).isTrue();
        assertThat(late.at("/late/rings").size()).isEqualTo(3);
        assertThat(late.get("decided").asBoolean()).isFalse();
        String number = season.numbered(planting);
        assertThat(season.grower
                        .get("/api/lots/" + number)
                        .ok()
                        .at("/known/gate/reasons")
                        .toString())
                .contains("SHED_UNDECIDED");
        assertThat(season.grower.get("/api/today").text()).contains("DecideRing");

        decide(ring("LET_PASS")).ok();
        assertThat(page().at("/late/0/decided").asBoolean()).isTrue();
        assertThat(season.grower
                        .get("/api/lots/" + number)
                        .ok()
                        .at("/known/gate/reasons")
                        .toString())
                .doesNotContain("SHED_UNDECIDED");
    }

    @Test
    void plantsInARingArePickedUnderTheirOwnNumberAndHeld() {
        JsonNode ring = decide(ring("KEPT_APART")).ok();
        JsonNode apart = season.grower
                .post(
                        "/api/lots",
                        record("plantingId", planting, "ringId", ring.get("id").asString()))
                .ok();
        assertThat(apart.at("/hold/reason").asString()).contains("within 4.0 m of an off-type");
        JsonNode rest =
                season.grower.post("/api/lots", record("plantingId", planting)).ok();
        assertThat(rest.has("hold")).isFalse();
        assertThat(season.grower.get("/api/seasons/2026/rings").ok().toString())
                .contains(ring.get("id").asString());
        assertThat(ring.at("/middle/lat").asDouble()).isBetween(54.6, 54.7);
    }

    @Test
    void aLowerGradeHoldsForLotsThereAndForLotsToCome() {
        String before = season.numbered(planting);
        decide(with(ring("GRADED_DOWN"), "grade", "OWN_USE")).ok();
        assertThat(season.grower
                        .get("/api/lots/" + before)
                        .ok()
                        .at("/known/lot/grade")
                        .asString())
                .isEqualTo("OWN_USE");
        assertThat(season.grower
                        .post("/api/lots", record("plantingId", planting))
                        .ok()
                        .get("grade")
                        .asString())
                .isEqualTo("OWN_USE");
        assertThat(decide(with(ring("GRADED_DOWN"), "grade", "STOCK")).field()).isEqualTo("grade");
    }

    @Test
    void allOfItMayBeHeld() {
        String number = season.numbered(planting);
        decide(ring("HELD")).ok();
        assertThat(season.grower
                        .get("/api/lots/" + number)
                        .ok()
                        .at("/known/lot/hold/reason")
                        .asString())
                .isEqualTo("in full bloom");
    }

    @Test
    void aDecisionIsCorrectedWithItsReasonAndKeptOnce() {
        Map<String, Object> ring = ring("DISCARDED");
        decide(ring).ok();
        decide(ring).ok();
        assertThat(page().get("rings").size()).isEqualTo(1);
        season.grower
                .put(
                        "/api/rings/" + ring.get("id"),
                        with(ring, "radius", 6.5, "version", 0, "because", "pollen carries farther here"))
                .ok();
        assertThat(page().at("/rings/0/radius").asDouble()).isEqualTo(6.5);
        assertThat(page().get("corrections").findValuesAsString("reason")).contains("pollen carries farther here");
        assertThat(decide(with(ring("DISCARDED"), "radius", 0)).detail())
                .contains("radius: 0 m is not allowed. Allowed is more than 0 m and at most 200 m");
        assertThat(decide(with(ring("DISCARDED"), "row", 5)).field()).isEqualTo("row");
    }
}
