package theriseed.server.ripening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static theriseed.server.Season.record;
import static theriseed.server.Season.with;

import java.util.Map;
import java.util.UUID;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

/** The demo's clock stands at 14 August 2026. */
@DemoFarmTest
class RipeningTest {
    @LocalServerPort
    int port;

    Season season;
    String planting;

    @BeforeEach
    void planted() {
        season = new Season(port);
        planting = season.planted("lettuce", "2026-05-20", 60);
    }

    private JsonNode page() {
        return season.grower.get("/api/plantings/" + planting + "/ripening").ok();
    }

    private static Map<String, Object> visitOf(String day, int ripe, int lookedAt) {
        return record("id", UUID.randomUUID(), "visitedOn", day, "ripe", ripe, "lookedAt", lookedAt, "note", "");
    }

    private Client.Answer visit(Map<String, Object> visit) {
        return season.grower.post("/api/plantings/" + planting + "/ripening-visits", visit);
    }

    @Test
    void aVisitFitsTheCurveAnew() {
        JsonNode before = page();
        assertThat(before.at("/watch/known").asString()).isEqualTo("BLOOM");
        visit(visitOf("2026-08-08", 12, 60)).ok();
        assertThat(page().at("/watch/known").asString()).isEqualTo("ONE_VISIT");
        visit(visitOf("2026-08-14", 40, 60)).ok();
        JsonNode after = page();
        assertThat(after.at("/watch/known").asString()).isEqualTo("VISITS");
        assertThat(after.at("/watch/ripe").asDouble()).isCloseTo(40 / 60.0, within(0.1));
        assertThat(after.at("/watch/best/on").asString()).isGreaterThanOrEqualTo("2026-08-14");
        assertThat(after.at("/watch/pickings").size()).isEqualTo(4);
        assertThat(after.get("visits").size()).isEqualTo(2);
    }

    @Test
    void theComingDaysSayWhetherToCutNow() {
        visit(visitOf("2026-08-10", 10, 60)).ok();
        visit(visitOf("2026-08-14", 22, 60)).ok();
        JsonNode page = page();
        assertThat(page.get("simulated").asBoolean()).isTrue();
        assertThat(page.get("days").size()).isEqualTo(6);
        JsonNode cut = page.get("cut");
        JsonNode on = StreamSupport.stream(page.get("days").spliterator(), false)
                .filter(day -> day.at("/day/on").equals(cut.get("on")))
                .findFirst()
                .orElseThrow();
        assertThat(cut.get("hang").asBoolean())
                .isEqualTo(on.get("hung").asDouble() >= on.get("dry").asDouble());
        assertThat(page.get("days"))
                .allSatisfy(day -> assertThat(day.get("hung").asDouble())
                        .isLessThanOrEqualTo(cut.get("share").asDouble()));
        JsonNode waiting = page.get("waiting");
        assertThat(waiting.get("rain").asDouble() >= waiting.get("breakEven").asDouble())
                .as("rain that may come before decides whether to wait")
                .isEqualTo(cut.get("on").asString().equals("2026-08-14"));
        String tomato = season.planted("tomato", "2026-03-12", 24);
        JsonNode fruit =
                season.grower.get("/api/plantings/" + tomato + "/ripening").ok();
        assertThat(fruit.has("cut"))
                .as("no storm shakes tomatoes from their gel")
                .isFalse();
        assertThat(fruit.at("/first/parts/0/place").asString()).isEqualTo("FIRST_FRUIT");
    }

    @Test
    void aVisitIsKeptOnceAndCorrectedWithItsReason() {
        Map<String, Object> visit = visitOf("2026-08-12", 12, 60);
        visit(visit).ok();
        visit(visit).ok();
        String path = "/api/ripening-visits/" + visit.get("id");
        assertThat(season.grower
                        .put(path, with(visit, "ripe", 21, "version", 0))
                        .field())
                .isEqualTo("reason");
        season.grower
                .put(path, with(visit, "ripe", 21, "version", 0, "reason", "turned round"))
                .ok();
        assertThat(page().get("visits").size()).isEqualTo(1);
        assertThat(page().at("/corrections/0/was").asString()).isEqualTo("12");
    }

    @Test
    void visitsThatCannotBeAreRefused() {
        assertThat(visit(visitOf("2026-08-12", 61, 60)).field()).isEqualTo("ripe");
        assertThat(visit(visitOf("2026-08-12", 0, 0)).field()).isEqualTo("lookedAt");
        assertThat(visit(visitOf("2026-05-20", 1, 60)).field()).isEqualTo("visitedOn");
        assertThat(visit(visitOf("2026-08-15", 1, 60)).field()).isEqualTo("visitedOn");
    }
}
