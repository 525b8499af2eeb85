package theriseed.server.pollination;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static theriseed.server.Season.kindOf;
import static theriseed.server.Season.plantingOf;
import static theriseed.server.Season.record;
import static theriseed.server.Season.with;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.JdbcTemplate;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

/** The demo's clock stands at 07:10 on 14 August 2026. */
@DemoFarmTest
class PollinationTest {
    @LocalServerPort
    int port;

    @Autowired
    JdbcTemplate database;

    Season season;
    String planting;

    @BeforeEach
    void planted() {
        season = new Season(port);
        planting = season.byHand("squash-maxima", 24);
    }

    private JsonNode page() {
        return season.grower.get("/api/plantings/" + planting + "/pollination").ok();
    }

    private static Map<String, Object> buds(int plant, int females, int males) {
        return record("plant", plant, "females", females, "males", males);
    }

    private Client.Answer close(String day, Object... buds) {
        return season.grower.post(
                "/api/plantings/" + planting + "/buds",
                record("id", UUID.randomUUID(), "closedOn", day, "closed", List.of(buds)));
    }

    private Map<String, Object> flower(String tag, int mother, int... fathers) {
        List<Map<String, Object>> from = new ArrayList<>();
        for (int father : fathers) {
            from.add(record("plantingId", planting, "plant", father));
        }
        return record("id", UUID.randomUUID(), "mother", mother, "fathers", from, "tag", tag, "note", "");
    }

    private Client.Answer pollinate(Map<String, Object> flower) {
        return season.grower.post("/api/plantings/" + planting + "/flowers", flower);
    }

    /** As made so many days ago, by the phone's clock. */
    private static Map<String, Object> daysAgo(Map<String, Object> flower, int days) {
        return with(
                flower,
                "made",
                record(
                        "madeAt",
                        java.time.Instant.parse("2030-05-20T07:00:00Z").minus(java.time.Duration.ofDays(days)),
                        "sentAt",
                        "2030-05-20T07:00:00Z"));
    }

    private List<String> tasks() {
        List<String> tasks = new ArrayList<>();
        season.tasks().forEach(task -> {
            if (task.path("plantingId").asString().equals(planting)) {
                tasks.add(kindOf(task));
            }
        });
        return tasks;
    }

    @Test
    void whatWasClosedInTheEveningIsCrossedInTheMorning() {
        close("2026-08-13", buds(3, 1, 0), buds(7, 1, 2), buds(11, 0, 2), buds(12, 0, 1))
                .ok();
        assertThat(tasks()).contains("Pollinate");
        JsonNode morning = page().get("morning");
        assertThat(morning.get("crosses").size()).isEqualTo(2);
        assertThat(morning.at("/crosses/0/mother").asInt()).isEqualTo(3);
        assertThat(morning.at("/crosses/1/fathers").toString()).doesNotContain("7");

        pollinate(flower("1", 3, 7, 11)).ok();
        pollinate(flower("2", 7, 11, 12)).ok();
        assertThat(tasks()).doesNotContain("Pollinate");
        assertThat(page().get("nextTag").asString()).isEqualTo("3");
        assertThat(page().get("doneToday").asInt()).isEqualTo(2);
    }

    @Test
    void aFlowerIsKeptOnceHoweverOftenItIsSent() {
        Map<String, Object> flower = flower("41", 3, 7);
        pollinate(flower).ok();
        pollinate(flower).ok();
        assertThat(page().get("flowers").size()).isEqualTo(1);
    }

    @Test
    void noPlantIsItsOwnFatherNorAnotherVarietysMate() {
        assertThat(pollinate(flower("1", 3, 7, 3)).detail())
                .isEqualTo("Plant 3 is the mother: take males from other plants.");
        Map<String, Object> crossed = flower("1", 3);
        crossed.put("fathers", List.of(record("plantingId", season.byHand("squash-maxima", 10), "plant", 2)));
        Client.Answer other = pollinate(crossed);
        assertThat(other.field()).isEqualTo("fathers");
        assertThat(other.detail()).contains("is another variety");
        assertThat(pollinate(flower("1", 25, 7)).detail())
                .contains("mother: 25 is not allowed. Allowed is at least 1 and at most 24");
        assertThat(pollinate(flower("1", 3)).field()).isEqualTo("fathers");
        pollinate(flower("1", 3, 7)).ok();
        assertThat(pollinate(flower("1", 4, 7)).field()).isEqualTo("tag");
    }

    @Test
    void whoTookIsLookedAtAfterSomeDaysAndCounts() {
        for (int i = 1; i <= 6; i++) {
            pollinate(daysAgo(flower("" + i, i, i + 6, i + 7), 6)).ok();
        }
        assertThat(tasks()).contains("SeeWhatTook");
        JsonNode flowers = page().get("lookAt");
        assertThat(flowers.size()).isEqualTo(6);
        flowers.forEach(flower ->
                looked(flower, !flower.get("tag").asString().equals("6")).ok());
        JsonNode after = page();
        assertThat(after.get("lookAt").size()).isZero();
        assertThat(after.at("/progress/took").asInt()).isEqualTo(5);
        assertThat(after.at("/progress/take").asDouble()).isCloseTo(11 / 16.0, within(1e-9));
        assertThat(after.at("/parents/mothers").asInt()).isEqualTo(5);
        assertThat(after.at("/parents/fathers").asInt()).isEqualTo(6);
        assertThat(after.at("/parents/effective").asDouble()).isBetween(9.0, 11.0);
        assertThat(after.at("/progress/need/more").asInt()).isPositive();
    }

    private Client.Answer looked(JsonNode flower, boolean took) {
        return season.grower.put(
                "/api/flowers/" + flower.get("id").asString() + "/took",
                record("took", took, "lookedOn", "2026-08-14"));
    }

    @Test
    void whoSaysOtherwiseMustHaveReadWhatStandsThere() {
        JsonNode flower = pollinate(daysAgo(flower("1", 3, 7), 6)).ok();
        looked(flower, true).ok();
        looked(flower, true).ok();
        Client.Answer clash = looked(flower, false);
        assertThat(clash.status()).isEqualTo(409);
        assertThat(clash.json().at("/current/took").asBoolean()).isTrue();
        season.grower
                .put(
                        "/api/flowers/" + flower.get("id").asString() + "/took",
                        record(
                                "took",
                                false,
                                "lookedOn",
                                "2026-08-14",
                                "version",
                                clash.json().at("/current/version").asInt(),
                                "reason",
                                "it fell off"))
                .ok();
        assertThat(page().get("corrections").findValuesAsString("reason")).contains("it fell off");
    }

    @Test
    void fewerFlowersAreNeededForLessSeed() {
        season.grower
                .put(
                        "/api/plantings/" + planting + "/pollination-aim",
                        record("version", -1, "seeds", 5000, "perFruit", 180, "variation", 0.4))
                .ok();
        JsonNode progress = page().get("progress");
        assertThat(progress.at("/need/fruits").asInt()).as("the worked example").isEqualTo(32);
        assertThat(progress.at("/need/flowers").asInt()).isEqualTo(76);
        assertThat(progress.at("/need/perPlant").asInt()).isEqualTo(4);
        assertThat(progress.at("/need/more").asInt()).isEqualTo(76);
        assertThat(season.grower
                        .put(
                                "/api/plantings/" + planting + "/pollination-aim",
                                record("version", 0, "seeds", 0, "perFruit", 180, "variation", 0.4, "reason", "x"))
                        .field())
                .isEqualTo("seeds");
    }

    @Test
    void whatWouldNeedMillionsOfFruitsIsRefusedAndOneKeptSoBeforeIsShownAndMended() {
        String aim = "/api/plantings/" + planting + "/pollination-aim";
        Client.Answer refused =
                season.grower.put(aim, record("version", -1, "seeds", 4000, "perFruit", 0.001, "variation", 0.4));
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.field()).isEqualTo("perFruit");
        season.grower
                .put(aim, record("version", -1, "seeds", 4000, "perFruit", 160, "variation", 0.4))
                .ok();
        database.update(
                "update pollination_aim set per_fruit = 0.001 where planting_id = ?", UUID.fromString(planting));

        JsonNode progress = page().get("progress");
        assertThat(progress.has("need")).isFalse();
        assertThat(progress.at("/wrong/field").asString()).isEqualTo("fruits");
        assertThat(season.grower
                        .put(aim, record("version", -1, "seeds", 1, "perFruit", 160, "variation", 0.4))
                        .status())
                .as("somebody said what is wanted meanwhile")
                .isEqualTo(409);
        season.grower
                .put(aim, record("version", 0, "seeds", 4000, "perFruit", 160, "variation", 0.4, "reason", "a slip"))
                .ok();
        assertThat(page().at("/progress/need/fruits").asInt()).isPositive();
    }

    @Test
    void fruitNobodyTaggedStaysOutOfTheTrueLot() {
        JsonNode untagged = season.grower
                .post("/api/lots", record("plantingId", planting, "untagged", true))
                .ok();
        assertThat(untagged.at("/hold/reason").asString()).contains("nobody tagged");
        String open = season.planted("tomato", "2026-03-12", 24);
        assertThat(season.grower
                        .post("/api/lots", record("plantingId", open, "untagged", true))
                        .field())
                .isEqualTo("untagged");
    }

    @Test
    void aBagIsPutOnBeforeTheFlowersOpen() {
        Map<String, Object> bag = record(
                "id",
                UUID.randomUUID(),
                "kind",
                "BAG",
                "tag",
                "B1",
                "putOn",
                "2026-08-10",
                "openFlowers",
                true,
                "note",
                "");
        String path = "/api/plantings/" + planting + "/covers";
        assertThat(season.grower.post(path, bag).detail()).contains("pick the open ones off first");
        bag.put("openFlowers", false);
        JsonNode on = season.grower.post(path, bag).ok();
        assertThat(on.get("verdict").asString()).isEqualTo("TIGHT");
        assertThat(tasks()).contains("Shake");
        String id = on.get("id").asString();
        season.grower
                .post(
                        "/api/covers/" + id + "/events",
                        record(
                                "id",
                                UUID.randomUUID(),
                                "kind",
                                "SHAKEN",
                                "firstDay",
                                "2026-08-14",
                                "lastDay",
                                "2026-08-14"))
                .ok();
        assertThat(tasks()).doesNotContain("Shake");
        assertThat(season.grower
                        .put("/api/covers/" + id + "/off", record("takenOff", "2026-08-09", "fruitSet", true))
                        .field())
                .isEqualTo("takenOff");
        assertThat(season.grower
                        .put("/api/covers/" + id + "/off", record("takenOff", "2026-08-14", "fruitSet", false))
                        .ok()
                        .get("verdict")
                        .asString())
                .isEqualTo("OFF_EARLY");
    }

    @Test
    void aCageOpenedInBloomNoLongerKeepsItTrue() {
        String plot = season.plot();
        String caged = season.grower
                .post(
                        "/api/plantings",
                        with(plantingOf(season.variety("kale"), plot, "2025-07-05", 80), "control", "CAGED"))
                .ok()
                .get("id")
                .asString();
        season.grower
                .post("/api/plantings", plantingOf(season.variety("kale"), plot, "2025-07-05", 80))
                .ok();
        JsonNode before = season.grower.get("/api/plantings/" + caged).ok().get("planting");
        assertThat(before.at("/isolation/verdict").asString()).isEqualTo("CLEAR");
        String first = before.at("/bloom/first").asString();

        JsonNode cage = season.grower
                .post(
                        "/api/plantings/" + caged + "/covers",
                        record(
                                "id",
                                UUID.randomUUID(),
                                "kind",
                                "CAGE",
                                "tag",
                                "C1",
                                "putOn",
                                "2026-03-20",
                                "openFlowers",
                                false,
                                "note",
                                ""))
                .ok();
        season.grower
                .post(
                        "/api/covers/" + cage.get("id").asString() + "/events",
                        record("id", UUID.randomUUID(), "kind", "OPENED", "firstDay", first, "lastDay", first))
                .ok();
        JsonNode after = season.grower.get("/api/plantings/" + caged).ok();
        assertThat(after.at("/planting/isolation/verdict").asString()).isEqualTo("CROSSES");
        assertThat(after.at("/planting/coverLeaked").asBoolean()).isTrue();
        assertThat(after.get("corrections").findValuesAsString("reason")).contains("its cage was not tight");

        JsonNode opened = season.grower
                .get("/api/plantings/" + caged + "/pollination")
                .ok()
                .at("/covers/0/events/0");
        season.grower
                .put(
                        "/api/cover-events/" + opened.get("id").asString() + "/taken-back",
                        record("version", opened.get("version").asInt(), "reason", "it was the other cage"))
                .ok();
        assertThat(season.grower
                        .get("/api/plantings/" + caged)
                        .ok()
                        .at("/planting/isolation/verdict")
                        .asString())
                .isEqualTo("CLEAR");
        JsonNode page =
                season.grower.get("/api/plantings/" + caged + "/pollination").ok();
        assertThat(page.at("/covers/0/events").size()).isZero();
        assertThat(page.get("corrections").findValuesAsString("reason")).contains("it was the other cage");

        Map<String, Object> late = record(
                "id",
                UUID.randomUUID(),
                "kind",
                "CAGE",
                "tag",
                "C1",
                "putOn",
                "2026-03-21",
                "openFlowers",
                true,
                "note",
                "",
                "version",
                cage.get("version").asInt(),
                "reason",
                "read from the wrong line");
        String path = "/api/covers/" + cage.get("id").asString();
        assertThat(season.grower.put(path, late).ok().get("verdict").asString()).isEqualTo("LATE");
        assertThat(season.grower.put(path, with(late, "version", 99)).status()).isEqualTo(409);
        assertThat(season.grower
                        .put(path, with(late, "putOn", "2026-08-15", "version", 1))
                        .field())
                .isEqualTo("putOn");
    }

    @Test
    void aLotOfTaggedFruitKnowsItsParents() {
        for (int i = 1; i <= 3; i++) {
            looked(pollinate(daysAgo(flower("" + i, i, 10 + i), 6)).ok(), true).ok();
        }
        JsonNode lot =
                season.grower.get("/api/lots/" + season.numbered(planting)).ok();
        assertThat(lot.at("/parents/mothers").asInt()).isEqualTo(3);
        assertThat(lot.at("/parents/fathers").asInt()).isEqualTo(3);
        String untagged = season.grower
                .post("/api/lots", record("plantingId", planting, "untagged", true))
                .ok()
                .get("number")
                .asString();
        assertThat(season.grower.get("/api/lots/" + untagged).ok().has("parents"))
                .isFalse();
    }
}
