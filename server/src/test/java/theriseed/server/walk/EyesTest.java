package theriseed.server.walk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static theriseed.server.Season.record;
import static theriseed.server.Season.walkOf;
import static theriseed.server.Season.with;

import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.core.roguing.Recognition;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

@DemoFarmTest
class EyesTest {
    @LocalServerPort
    int port;

    Season season;

    @BeforeEach
    void farm() {
        season = new Season(port);
    }

    private JsonNode of(String name) {
        for (JsonNode person : season.grower.get("/api/eyes").ok().get("people")) {
            if (person.get("name").asString().equals(name)) {
                return person;
            }
        }
        throw new AssertionError("nothing is known of " + name);
    }

    private static Map<String, Object> marks(String walker, int putOut, int found) {
        return record(
                "id",
                UUID.randomUUID(),
                "checkedOn",
                "2026-07-01",
                "how",
                "MARKS",
                "kind",
                "odd leaf",
                "walker",
                walker,
                "other",
                "whoever marked",
                "first",
                putOut,
                "second",
                found,
                "both",
                0,
                "note",
                "");
    }

    @Test
    void walksAreJudgedByTheEyesOfWhoeverWalked() {
        String planting = season.planted("flour-maize", "2026-04-20", 2000);
        String path = "/api/plantings/" + planting + "/walks";
        season.grower.post(path, walkOf("tassel", 299, 0)).ok();
        assertThat(mark(path)).isEqualTo("SHOWN");

        season.grower.post("/api/eyes", marks("grower", 20, 17)).ok();
        assertThat(mark(path)).isEqualTo("NOT_YET");
        JsonNode page = season.grower.get(path).ok();
        double lower = new Recognition(20, 17).lower();
        assertThat(page.get("recognised").asDouble()).isEqualTo(lower);
        assertThat(of("grower").get("goesBy").asDouble()).isEqualTo(lower);
        assertThat(of("grower").get("measured").asBoolean()).isTrue();
    }

    private String mark(String path) {
        return season.grower.get(path).ok().at("/verdict/verdict/mark").asString();
    }

    @Test
    void twoWhoWalkTheSameRowsMeasureEachOther() {
        Map<String, Object> both = with(marks("one", 14, 11), "how", "TOGETHER", "other", "the other", "both", 9);
        JsonNode check = season.grower.post("/api/eyes", both).ok();
        assertThat(check.get("overlooked").asDouble()).isEqualTo(1);
        assertThat(of("one").at("/kinds/0/known").asInt()).isEqualTo(11);
        assertThat(of("the other").at("/kinds/0/known").asInt()).isEqualTo(14);
        assertThat(of("the other").at("/kinds/0/found").asInt()).isEqualTo(9);
    }

    @Test
    void aSecondPassMeasuresToo() {
        Map<String, Object> again = with(marks("twice", 12, 4), "how", "AGAIN", "other", "");
        assertThat(season.grower.post("/api/eyes", again).ok().get("overlooked").asDouble())
                .isCloseTo(2, within(1e-9));
        assertThat(of("twice").at("/kinds/0/known").asInt()).isEqualTo(18);
    }

    @Test
    void fewMarksAreKeptButNotGoneBy() {
        season.grower.post("/api/eyes", marks("few", 4, 1)).ok();
        JsonNode person = of("few");
        assertThat(person.get("measured").asBoolean()).isFalse();
        assertThat(person.get("goesBy").asDouble()).isEqualTo(0.9);
    }

    @Test
    void whatCannotBeIsRefusedByName() {
        assertThat(season.grower.post("/api/eyes", marks("x", 4, 5)).field()).isEqualTo("second");
        assertThat(season.grower
                        .post("/api/eyes", with(marks("x", 4, 3), "other", "X"))
                        .field())
                .isEqualTo("other");
        assertThat(season.grower
                        .post("/api/eyes", with(marks("x", 4, 3), "checkedOn", "2027-01-01"))
                        .field())
                .isEqualTo("checkedOn");
    }

    @Test
    void aCorrectionKeepsWhatItCorrects() {
        JsonNode check =
                season.grower.post("/api/eyes", marks("corrected", 20, 17)).ok();
        Map<String, Object> right = with(
                marks("corrected", 20, 19),
                "version",
                check.get("version").asInt(),
                "reason",
                "two threads were found later");
        season.grower.put("/api/eyes/" + check.get("id").asString(), right).ok();
        Client.Answer again = season.grower.put("/api/eyes/" + check.get("id").asString(), with(right, "second", 18));
        assertThat(again.status()).isEqualTo(409);
        assertThat(of("corrected").at("/kinds/0/found").asInt()).isEqualTo(19);
    }
}
