package theriseed.server.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static theriseed.server.Season.record;
import static theriseed.server.Season.stepOf;
import static theriseed.server.Season.with;

import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

@DemoFarmTest
class WashesTest {
    @LocalServerPort
    int port;

    Season season;
    Client hand;

    @BeforeEach
    void season() {
        season = new Season(port);
        hand = Client.as("hand", port);
    }

    /** A lot of potato berries that were squeezed and are in the cleaner since then. */
    private String washed(String begunAt) {
        String number = season.picked(season.planted("potato-true-seed", "2026-04-20", 60), 4000, 40);
        season.step(
                number,
                with(stepOf("EXTRACT", 4000, 600), "begunAt", "2026-08-14T05:00", "endedAt", "2026-08-14T05:30"));
        Map<String, Object> begun = stepOf("CHEMICAL_WASH", 600, 0);
        begun.remove("massOut");
        begun.remove("endedAt");
        begun.put("begunAt", begunAt);
        return season.step(number, begun).get("id").asString();
    }

    private static Map<String, Object> washOf(String batch, int minutes) {
        return record(
                "product",
                "washing crystals",
                "dose",
                "100 g a litre",
                "minutes",
                minutes,
                "batch",
                batch,
                "disposal",
                "");
    }

    private Client.Answer say(String step, Map<String, Object> wash, int version) {
        return hand.put("/api/steps/" + step + "/wash", with(wash, "version", version));
    }

    @Test
    void itSaysWhenTheSeedIsToComeOut() {
        String step = washed("2026-08-14T07:00");
        assertThat(hand.get("/api/steps/" + step + "/wash").ok().get("version").asInt())
                .isEqualTo(-1);
        JsonNode wash = say(step, washOf("", 20), -1).ok();
        assertThat(wash.at("/clock/outAt").asString()).isEqualTo("2026-08-14T07:20:00Z");
        assertThat(hand.get("/api/today")
                        .ok()
                        .get("tasks")
                        .valueStream()
                        .filter(task -> task.at("/toDo/kind").asString().equals("TakeOutOfWash"))
                        .map(task -> task.at("/toDo/outAt").asString() + " "
                                + task.get("urgent").asBoolean()))
                .contains("2026-08-14T07:20:00 true");
        JsonNode longer = say(step, with(washOf("", 30), "reason", "berries of last week"), 0)
                .ok();
        assertThat(longer.at("/clock/outAt").asString()).isEqualTo("2026-08-14T07:30:00Z");
        assertThat(say(step, washOf("", 20), 0).status())
                .as("somebody changed it")
                .isEqualTo(409);
    }

    @Test
    void aBatchOfCleanerKnowsHowOftenItWasUsed() {
        String batch = "bucket " + UUID.randomUUID().toString().substring(0, 8);
        String first = washed("2026-08-14T06:00");
        String second = washed("2026-08-14T06:30");
        assertThat(say(first, washOf(batch, 15), -1).ok().get("usedBefore").asInt())
                .isZero();
        assertThat(hand.get("/api/steps/" + second + "/wash")
                        .ok()
                        .at("/facts/batch")
                        .asString())
                .as("what was used last is proposed")
                .isEqualTo(batch);
        assertThat(say(second, washOf(batch.toUpperCase(Locale.ROOT), 15), -1)
                        .ok()
                        .get("usedBefore")
                        .asInt())
                .isEqualTo(1);
    }

    @Test
    void hoursAndOtherStepsAreRefused() {
        String step = washed("2026-08-14T06:00");
        assertThat(say(step, washOf("", 600), -1).field()).isEqualTo("minutes");
        assertThat(say(step, with(washOf("", 20), "product", ""), -1).field()).isEqualTo("product");
        String number = season.picked(season.planted("pea", "2026-03-20", 300), 9000, 290);
        Map<String, Object> begun = stepOf("DRY", 9000, 0);
        begun.remove("massOut");
        begun.remove("endedAt");
        String dry = season.step(number, begun).get("id").asString();
        assertThat(say(dry, washOf("", 20), -1).field()).isEqualTo("step");
    }
}
