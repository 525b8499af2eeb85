package theriseed.server.selection;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static theriseed.server.Season.plantingOf;
import static theriseed.server.Season.record;
import static theriseed.server.Season.with;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

@DemoFarmTest
class SelectionTest {
    @LocalServerPort
    int port;

    Season season;
    String variety;
    String planting;
    String vigour;

    @BeforeEach
    void planted() {
        season = new Season(port);
        variety = season.variety("carrot");
        planting = grown(2026, "2025-06-20");
        vigour = trait("vigour", 1, 9, true);
    }

    private String grown(int year, String sownOn) {
        return season.grower
                .post("/api/plantings", with(plantingOf(variety, season.plot(), sownOn, 400), "season", year))
                .ok()
                .get("id")
                .asString();
    }

    private String trait(String name, double low, double high, boolean more) {
        return season.grower
                .post(
                        "/api/varieties/" + variety + "/traits",
                        record("name", name, "low", low, "high", high, "moreIsBetter", more))
                .ok()
                .get("id")
                .asString();
    }

    private String marked(String tag) {
        return season.grower
                .post("/api/plantings/" + planting + "/candidates", candidate(tag))
                .ok()
                .get("id")
                .asString();
    }

    private static Map<String, Object> candidate(String tag) {
        return record("id", UUID.randomUUID(), "kind", "PLANT", "tag", tag, "markedOn", "2026-06-20", "note", "");
    }

    private static Map<String, Object> visit(String trait, String day, List<Map<String, Object>> marks) {
        return record("id", UUID.randomUUID(), "traitId", trait, "scoredOn", day, "marks", marks);
    }

    private static Map<String, Object> mark(String subject, double value) {
        return record("subjectId", subject, "value", value);
    }

    private JsonNode page() {
        return season.grower.get("/api/plantings/" + planting + "/selection").ok();
    }

    @Test
    void theBestAreRankedOverTheirTraitsAndChosen() {
        String bolting = trait("bolting", 0, 10, false);
        List<String> plants = new ArrayList<>();
        List<Map<String, Object>> strong = new ArrayList<>();
        List<Map<String, Object>> early = new ArrayList<>();
        for (int i = 0; i < 10; i++) {
            plants.add(marked("" + (i + 1)));
            strong.add(mark(plants.get(i), i == 4 ? 9 : 1 + i % 5));
            early.add(mark(plants.get(i), i == 4 ? 0 : 5));
        }
        String visits = "/api/plantings/" + planting + "/visits";
        season.grower.post(visits, visit(vigour, "2026-07-01", strong)).ok();
        season.grower.post(visits, visit(bolting, "2026-07-02", early)).ok();

        JsonNode page = page();
        assertThat(page.at("/candidates/0/tag").asString()).isEqualTo("5");
        assertThat(page.at("/candidates/0/score").asDouble()).isEqualTo(100);
        JsonNode choice = page.get("choice");
        assertThat(choice.get("scored").asInt()).isEqualTo(10);
        double before = 0;
        for (JsonNode option : choice.get("options")) {
            assertThat(option.get("effectiveSize").asDouble()).isGreaterThan(before);
            before = option.get("effectiveSize").asDouble();
            assertThat(option.at("/response/response").asDouble()).isPositive();
        }
        double more = season.grower
                .get("/api/plantings/" + planting + "/selection?heritability=0.6")
                .ok()
                .at("/choice/options/0/response/response")
                .asDouble();
        assertThat(more).isCloseTo(2 * choice.at("/options/0/response/response").asDouble(), within(1e-9));

        season.grower
                .post("/api/plantings/" + planting + "/chosen", record("kept", plants.subList(3, 6)))
                .ok();
        assertThat(page().at("/candidates/0/chosen").asBoolean()).isTrue();
    }

    @Test
    void whatIsMarkedIsNotForTheKitchenUntilItIsNotKept() {
        planting = season.planted("tomato", "2026-03-12", 24);
        String kept = marked("K7");
        marked("K8");
        assertThat(notForEating()).containsExactlyInAnyOrder("K7", "K8");
        season.grower
                .post("/api/plantings/" + planting + "/chosen", record("kept", List.of(kept)))
                .ok();
        assertThat(notForEating()).containsExactly("K7");
    }

    private List<String> notForEating() {
        List<String> tags = new ArrayList<>();
        season.grower.get("/api/today").ok().get("notForEating").forEach(one -> {
            if (one.get("plantingId").asString().equals(planting)) {
                one.get("tags").forEach(tag -> tags.add(tag.asString()));
            }
        });
        return tags;
    }

    @Test
    void scoresOutsideTheScaleAndTagsTwiceAreRefused() {
        String plant = marked("7");
        Client.Answer outside = season.grower.post(
                "/api/plantings/" + planting + "/visits", visit(vigour, "2026-07-01", List.of(mark(plant, 10))));
        assertThat(outside.field()).isEqualTo("value");
        assertThat(outside.detail())
                .contains("value: 10 is not allowed. Allowed is at least 1 and at most 9 points of its scale");
        assertThat(season.grower
                        .post("/api/plantings/" + planting + "/candidates", candidate("7"))
                        .field())
                .isEqualTo("tag");
        assertThat(season.grower
                        .post(
                                "/api/plantings/" + planting + "/visits",
                                visit(
                                        vigour,
                                        "2026-07-01",
                                        List.of(mark(UUID.randomUUID().toString(), 5))))
                        .field())
                .isEqualTo("marks");
        assertThat(season.grower
                        .post(
                                "/api/varieties/" + variety + "/traits",
                                record("name", "taste", "low", 5, "high", 5, "moreIsBetter", true))
                        .field())
                .isEqualTo("high");
    }

    @Test
    void fortyRowsScoredByTwoPeopleAreRankedWithTheirError() {
        List<Map<String, Object>> rows = new ArrayList<>();
        String mother = marked("12");
        for (int row = 1; row <= 40; row++) {
            Map<String, Object> sown = record("compared", row % 20 == 0, "subLot", "24-" + row);
            if (row == 1) {
                sown.put("motherId", mother);
            }
            rows.add(sown);
        }
        Map<String, Object> trial = record(
                "id", UUID.randomUUID(), "plantingId", planting, "name", "roots of 2026", "blocks", 3, "rows", rows);
        season.grower.post("/api/trials", trial).ok();
        season.grower.post("/api/trials", trial).ok();
        String path = "/api/trials/" + trial.get("id");
        JsonNode sown = season.grower.get(path).ok();
        assertThat(sown.get("rows").size()).isEqualTo(40);
        assertThat(sown.at("/rows/0/plots").size()).isEqualTo(3);
        assertThat(sown.at("/rows/0/pedigree/0").asString()).startsWith("tag 12 of 2026");
        assertThat(sown.get("rankings").size()).isZero();

        Random chance = new Random(4);
        for (Client who : List.of(season.grower, Client.as("hand", port))) {
            List<Map<String, Object>> marks = new ArrayList<>();
            for (JsonNode row : sown.get("rows")) {
                double worth = row.get("number").asInt() == 17 ? 8 : 4;
                for (JsonNode plot : row.get("plots")) {
                    marks.add(mark(plot.get("id").asString(), worth + chance.nextInt(2)));
                }
            }
            who.post(path + "/visits", visit(vigour, "2026-07-10", marks)).ok();
        }
        JsonNode scored = season.grower.get(path).ok();
        JsonNode ranking = scored.at("/rankings/0");
        assertThat(ranking.get("inBlocks").asBoolean()).isTrue();
        assertThat(ranking.get("freedom").asInt()).isEqualTo(39 * 2);
        assertThat(ranking.get("rows").size()).isEqualTo(40);
        String best = scored.at("/rows/16/id").asString();
        assertThat(ranking.at("/rows/0/rowId").asString()).isEqualTo(best);
        assertThat(ranking.at("/rows/1/likeTheBest").asBoolean()).isFalse();
        assertThat(ranking.at("/rows/0/predicted").asDouble())
                .isLessThan(ranking.at("/rows/0/mean").asDouble());
        assertThat(scored.get("visits").findValuesAsString("recordedBy")).contains("grower", "hand");

        season.grower
                .put(
                        "/api/progeny-rows/" + best + "/decision",
                        record("version", 0, "decision", "KEEP", "reason", "far the best"))
                .ok();
        season.grower
                .put(
                        "/api/progeny-rows/" + best + "/decision",
                        record("version", 1, "decision", "BULK", "reason", "too narrow alone"))
                .ok();
        JsonNode decided = season.grower.get(path).ok();
        assertThat(decided.at("/rows/16/decision").asString()).isEqualTo("BULK");
        assertThat(decided.get("corrections").findValuesAsString("was")).contains("KEEP");
    }

    @Test
    void plotsThatDiedLeaveTheRestToBeRankedAndPedigreesGoBack() {
        List<Map<String, Object>> rows = new ArrayList<>();
        for (int row = 1; row <= 4; row++) {
            rows.add(record("compared", false, "subLot", "25-" + row));
        }
        Map<String, Object> trial = record(
                "id", UUID.randomUUID(), "plantingId", planting, "name", "first rows", "blocks", 2, "rows", rows);
        season.grower.post("/api/trials", trial).ok();
        String path = "/api/trials/" + trial.get("id");
        JsonNode sown = season.grower.get(path).ok();
        List<Map<String, Object>> marks = new ArrayList<>();
        for (JsonNode row : sown.get("rows")) {
            row.get("plots").forEach(plot -> {
                if (row.get("number").asInt() != 2 || plot.get("block").asInt() != 2) {
                    marks.add(mark(
                            plot.get("id").asString(),
                            row.get("number").asInt() + plot.get("block").asInt() % 2));
                }
            });
        }
        season.grower.post(path + "/visits", visit(vigour, "2026-07-10", marks)).ok();
        JsonNode ranking = season.grower.get(path).ok().at("/rankings/0");
        assertThat(ranking.get("inBlocks").asBoolean()).isFalse();
        assertThat(ranking.get("freedom").asInt()).isEqualTo(3);

        Map<String, Object> plant =
                with(candidate("99"), "fromRowId", sown.at("/rows/2/id").asString());
        season.grower.post("/api/plantings/" + planting + "/candidates", plant).ok();
        String next = grown(2027, "2026-06-20");
        List<Map<String, Object>> then = new ArrayList<>();
        for (int row = 1; row <= 3; row++) {
            then.add(record("compared", false, "subLot", "26-" + row, "motherId", plant.get("id")));
        }
        Map<String, Object> second =
                record("id", UUID.randomUUID(), "plantingId", next, "name", "second rows", "blocks", 1, "rows", then);
        season.grower.post("/api/trials", second).ok();
        assertThat(season.grower
                        .get("/api/trials/" + second.get("id"))
                        .ok()
                        .at("/rows/0/pedigree")
                        .toString())
                .contains("tag 99 of 2026", "row 3 of first rows");
        assertThat(season.grower
                        .post("/api/trials", with(second, "id", UUID.randomUUID(), "rows", then.subList(0, 2)))
                        .field())
                .isEqualTo("rows");
    }
}
