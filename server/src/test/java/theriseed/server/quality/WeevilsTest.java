package theriseed.server.quality;

import static org.assertj.core.api.Assertions.assertThat;
import static theriseed.server.Season.kindOf;
import static theriseed.server.Season.record;
import static theriseed.server.Season.stepOf;
import static theriseed.server.Season.with;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

/** The demo's clock stands at 14 August 2026. */
@DemoFarmTest
class WeevilsTest {
    @LocalServerPort
    int port;

    Season season;
    String number;

    @BeforeEach
    void picked() {
        season = new Season(port);
        number = season.grower
                .post("/api/lots", record("plantingId", season.planted("pea", "2026-02-20", 300)))
                .ok()
                .get("number")
                .asString();
        season.grower
                .post("/api/lots/" + number + "/picks", with(Season.harvestOf(9000, 290), "pickedOn", "2026-06-10"))
                .ok();
    }

    private Client.Answer look(String day, int seeds, int bored) {
        return season.grower.post(
                "/api/lots/" + number + "/weevils", record("lookedOn", day, "seeds", seeds, "bored", bored));
    }

    private JsonNode weevils() {
        return season.lot(number).at("/known/weevils");
    }

    private List<String> tasks() {
        List<String> tasks = new ArrayList<>();
        season.tasks().forEach(task -> {
            if (task.path("lot").asString().equals(number)) {
                tasks.add(kindOf(task));
            }
        });
        return tasks;
    }

    private void frozen(String from, String to) {
        season.step(
                number,
                with(
                        stepOf("FREEZE", 9000, 9000),
                        "begunAt",
                        from,
                        "endedAt",
                        to,
                        "dampBecause",
                        "pods as they came: better hurt seed than living weevils"));
    }

    @Test
    void boredSeedIsFrozenLongEnoughAndLookedAtAgain() {
        assertThat(weevils().isMissingNode()).isTrue();
        look("2026-06-12", 200, 5).ok();
        assertThat(weevils().get("next").asString()).isEqualTo("FREEZE");
        assertThat(tasks()).contains("Freeze");
        frozen("2026-06-13T09:00", "2026-06-16T09:00");
        assertThat(weevils().get("next").asString())
                .as("three days are too few")
                .isEqualTo("FREEZE");
        frozen("2026-06-17T09:00", "2026-06-26T09:00");
        assertThat(weevils().get("next").asString()).isEqualTo("LOOK_AGAIN");
        assertThat(weevils().get("due").asString()).isEqualTo("2026-08-07");
        assertThat(tasks()).contains("LookForWeevils").doesNotContain("Freeze");
        assertThat(season.lot(number).at("/known/gate/reasons").toString()).contains("SECOND_LOOK");
        look("2026-08-13", 200, 5).ok();
        assertThat(weevils().get("next").asString())
                .as("old holes stay when the weevils are dead")
                .isEqualTo("NOTHING");
        assertThat(season.lot(number).at("/known/gate/reasons").toString()).doesNotContain("SECOND_LOOK", "WEEVILS");
        season.grower
                .post(
                        "/api/lots/" + number + "/weevils",
                        record("lookedOn", "2026-08-14", "seeds", 200, "bored", 5, "alive", 1))
                .ok();
        assertThat(weevils().get("next").asString()).as("one lived on").isEqualTo("FREEZE");
        assertThat(tasks()).contains("Freeze").doesNotContain("LookForWeevils");
    }

    @Test
    void aLookIsCorrectedAndCheckedForSense() {
        assertThat(look("2026-06-12", 200, 201).field()).isEqualTo("bored");
        assertThat(look("2026-06-12", 0, 0).field()).isEqualTo("seeds");
        assertThat(look("2026-06-09", 200, 1).field()).isEqualTo("lookedOn");
        String id = look("2026-06-12", 200, 50).ok().get("id").asString();
        season.grower
                .put(
                        "/api/weevil-looks/" + id,
                        record("lookedOn", "2026-06-12", "seeds", 200, "bored", 5, "version", 0, "reason", "a nought"))
                .ok();
        assertThat(weevils().get("share").asDouble()).isEqualTo(0.025);
        assertThat(season.lot(number).get("corrections").findValuesAsString("was"))
                .contains("50");
    }

    @Test
    void theDaysInTheFreezerAreCounted() {
        Map<String, Object> freezing =
                with(stepOf("FREEZE", 9000, 0), "begunAt", "2026-08-10T08:00", "dampBecause", "pods as they came");
        freezing.remove("massOut");
        JsonNode step = season.step(number, freezing);
        assertThat(step.at("/freezing/needed").asInt()).isEqualTo(7);
        assertThat(step.at("/freezing/days").asDouble()).isBetween(3.9, 4.2);
        assertThat(step.at("/freezing/until").asString()).startsWith("2026-08-17");
    }
}
