package theriseed.server.season;

import static org.assertj.core.api.Assertions.assertThat;
import static theriseed.server.Season.plantingOf;
import static theriseed.server.Season.record;
import static theriseed.server.Season.with;

import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

@DemoFarmTest
class BloomLooksTest {
    @LocalServerPort
    int port;

    Season season;

    @BeforeEach
    void farm() {
        season = new Season(port);
    }

    private static Map<String, Object> look(String day, String seen) {
        return record("id", UUID.randomUUID(), "seenOn", day, "seen", seen, "note", "");
    }

    private JsonNode bloom(String planting) {
        return season.grower.get("/api/plantings/" + planting).ok().at("/planting/bloom");
    }

    @Test
    void whatWasSeenInTheRowsMovesTheForecast() {
        String bean = season.planted("common-bean", "2026-05-15", 300);
        String path = "/api/plantings/" + bean + "/bloom-looks";
        JsonNode planned = bloom(bean);
        season.grower.post(path, look("2026-08-10", "NOT_YET")).ok();
        JsonNode later = bloom(bean);
        assertThat(later.get("first").asString()).isGreaterThan("2026-08-10");
        assertThat(later.get("first").asString())
                .isGreaterThan(planned.get("first").asString());
        season.grower.post(path, look("2026-08-14", "IN_BLOOM")).ok();
        JsonNode seen = bloom(bean);
        assertThat(seen.get("first").asString()).isBetween("2026-08-11", "2026-08-14");
        assertThat(seen.get("bloomingFrom").asString()).isEqualTo("2026-08-14");
        assertThat(season.grower.get(path).ok().size()).isEqualTo(2);
    }

    @Test
    void nextYearsForecastGoesByWhatWasSeenThisYear() {
        String variety = season.variety("common-bean");
        String now = season.grower
                .post("/api/plantings", plantingOf(variety, season.plot(), "2026-05-15", 300))
                .ok()
                .get("id")
                .asString();
        String next = season.grower
                .post("/api/plantings", with(plantingOf(variety, season.plot(), "2027-05-15", 300), "season", 2027))
                .ok()
                .get("id")
                .asString();
        JsonNode before = bloom(next);
        assertThat(before.at("/warmth/sightings").asInt()).isZero();
        String path = "/api/plantings/" + now + "/bloom-looks";
        season.grower.post(path, look("2026-08-08", "NOT_YET")).ok();
        season.grower.post(path, look("2026-08-12", "IN_BLOOM")).ok();
        JsonNode after = bloom(next);
        assertThat(after.at("/warmth/sightings").asInt()).isEqualTo(1);
        assertThat(after.at("/warmth/asked").asDouble())
                .isGreaterThan(after.at("/warmth/table").asDouble());
        assertThat(after.get("first").asString())
                .isGreaterThan(before.get("first").asString());
        assertThat(bloom(now).at("/warmth/sightings").asInt())
                .as("not from itself")
                .isZero();
    }

    @Test
    void looksOutOfOrderAreRefusedAndACorrectionKeepsWhatItCorrects() {
        String bean = season.planted("common-bean", "2026-05-15", 300);
        String path = "/api/plantings/" + bean + "/bloom-looks";
        JsonNode first =
                season.grower.post(path, look("2026-07-20", "IN_BLOOM")).ok();
        assertThat(season.grower.post(path, look("2026-07-25", "NOT_YET")).field())
                .isEqualTo("notYet");
        assertThat(season.grower.post(path, look("2026-05-01", "NOT_YET")).field())
                .isEqualTo("seenOn");
        assertThat(season.grower.post(path, look("2026-09-01", "OVER")).field()).isEqualTo("seenOn");
        season.grower
                .put(
                        "/api/bloom-looks/" + first.get("id").asString(),
                        with(look("2026-07-28", "IN_BLOOM"), "version", 0, "reason", "a week later, by the notebook"))
                .ok();
        season.grower.post(path, look("2026-07-25", "NOT_YET")).ok();
        assertThat(bloom(bean).get("first").asString()).isBetween("2026-07-26", "2026-07-28");
    }
}
