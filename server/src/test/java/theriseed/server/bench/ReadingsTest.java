package theriseed.server.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static theriseed.server.Season.kindOf;
import static theriseed.server.Season.record;
import static theriseed.server.Season.stepOf;
import static theriseed.server.Season.with;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

/** The demo's clock stands at 14 August 2026, 07:10. */
@DemoFarmTest
class ReadingsTest {
    @LocalServerPort
    int port;

    Season season;
    String number;

    @BeforeEach
    void season() {
        season = new Season(port);
    }

    @AfterEach
    void plugIn() {
        season.grower.post("/api/instruments/scale", record("plugged", true)).ok();
    }

    private static Map<String, Object> begun(String kind, double in, String moment) {
        Map<String, Object> step = stepOf(kind, in, in);
        step.remove("massOut");
        step.remove("endedAt");
        step.put("begunAt", moment);
        return step;
    }

    private String fermenting() {
        number = season.picked(season.planted("tomato", "2026-03-12", 24), 36_200, 22);
        season.step(number, stepOf("EXTRACT", 36_200, 6100));
        return season.step(number, with(begun("FERMENT", 6100, "2026-08-12T07:10"), "temperature", 18))
                .get("id")
                .asString();
    }

    private String drying() {
        number = season.picked(season.planted("pea", "2026-03-20", 300), 9000, 290);
        return season.step(number, with(begun("DRY", 9000, "2026-08-10T07:10"), "moistureIn", 40, "target", 12))
                .get("id")
                .asString();
    }

    private Client.Answer read(String step, String quantity, double value, String at) {
        return season.grower.post(
                "/api/steps/" + step + "/readings", record("quantity", quantity, "value", value, "takenAt", at));
    }

    private JsonNode underWay() {
        return season.lot(number).at("/known/bench/underWay");
    }

    private List<String> tasks() {
        List<String> tasks = new ArrayList<>();
        season.tasks().forEach(task -> {
            if (task.path("lot").asString().equals(number)) {
                tasks.add(kindOf(task) + (task.get("urgent").asBoolean() ? " now" : ""));
            }
        });
        return tasks;
    }

    @Test
    void whatWasDoneWithoutASignalHappenedWhenItWasDone() {
        number = season.picked(season.planted("tomato", "2026-03-12", 24), 36_200, 22);
        season.step(number, stepOf("EXTRACT", 36_200, 6100));
        String id = UUID.randomUUID().toString();
        Map<String, Object> ferment = with(begun("FERMENT", 6100, ""), "id", id, "made", hoursAgo(9));
        ferment.remove("begunAt");
        assertThat(season.step(number, ferment).get("id").asString()).isEqualTo(id);
        assertThat(underWay().get("begunAt").asString()).isEqualTo("2026-08-13T22:10:00Z");
        season.grower
                .post("/api/steps/" + id + "/readings", record("quantity", "MASH", "value", 21, "made", hoursAgo(3)))
                .ok();
        JsonNode read = season.grower.get("/api/steps/" + id + "/readings").ok();
        assertThat(read.at("/0/takenAt").asString()).startsWith("2026-08-14T04:10");
        Map<String, Object> out = with(stepOf("FERMENT", 6100, 5900), "version", 0, "made", hoursAgo(1));
        out.remove("begunAt");
        out.remove("endedAt");
        JsonNode done = season.grower.put("/api/steps/" + id, out).ok();
        assertThat(done.get("begunAt").asString()).isEqualTo("2026-08-13T22:10:00Z");
        assertThat(done.get("endedAt").asString()).isEqualTo("2026-08-14T06:10:00Z");
    }

    private static Map<String, Object> hoursAgo(int hours) {
        Instant now = Instant.now();
        return record("madeAt", now.minus(Duration.ofHours(hours)), "sentAt", now);
    }

    @Test
    void theClockOfAFermentRunsByWhatWasRead() {
        String step = fermenting();
        double cool = underWay().at("/ferment/equivalentHours").asDouble();
        assertThat(cool).isLessThan(48);
        read(step, "MASH", 24, "2026-08-12T19:10").ok();
        read(step, "MASH", 29, "2026-08-13T19:10").ok();
        JsonNode ferment = underWay().get("ferment");
        assertThat(ferment.get("equivalentHours").asDouble()).isGreaterThan(cool + 15);
        assertThat(ferment.get("temperature").asDouble()).isEqualTo(29);
        assertThat(ferment.get("readings").asInt()).isEqualTo(2);
        assertThat(ferment.get("beyondExperience").asBoolean()).isFalse();
        read(step, "MASH", 34, "2026-08-14T06:10").ok();
        assertThat(underWay().at("/ferment/beyondExperience").asBoolean()).isTrue();
    }

    @Test
    void aFermentStirredAsksForNothingForAWhile() {
        String step = fermenting();
        assertThat(tasks()).containsExactly("Stir");
        read(step, "STIRRED", 1, "2026-08-13T08:00").ok();
        assertThat(tasks()).as("a day ago").containsExactly("Stir");
        read(step, "STIRRED", 1, "2026-08-14T06:30").ok();
        assertThat(tasks()).isEmpty();
        assertThat(underWay().at("/ferment/stirred").asInt()).isEqualTo(2);
        assertThat(read(step, "STIRRED", 2, "2026-08-14T06:40").field()).isEqualTo("value");
    }

    @Test
    void aTrayWeighedTellsItsMoistureAndTheHourItIsDry() {
        String step = drying();
        assertThat(underWay().at("/drying/moisture").asDouble()).isCloseTo(40, within(1e-9));
        read(step, "AIR", 26, "2026-08-10T08:00").ok();
        read(step, "HUMIDITY", 35, "2026-08-10T08:00").ok();
        read(step, "MASS", 7600, "2026-08-11T07:10").ok();
        read(step, "MASS", 6850, "2026-08-12T07:10").ok();
        read(step, "MASS", 6430, "2026-08-13T07:10").ok();
        JsonNode drying = underWay().get("drying");
        assertThat(drying.get("moisture").asDouble()).isCloseTo(100 * (1 - 5400 / 6430.0), within(1e-9));
        assertThat(drying.get("estimated").asBoolean()).isFalse();
        assertThat(drying.get("reachable").asBoolean()).isTrue();
        assertThat(drying.get("dryAt").asString()).isGreaterThan("2026-08-14");
        assertThat(drying.get("sinceWeighed").asDouble()).isCloseTo(24, within(1e-9));
        assertThat(tasks()).containsExactly("WeighTray");

        read(step, "MASS", 6700, "2026-08-14T06:00").ok();
        assertThat(underWay().at("/drying/rewetted").asBoolean()).isTrue();
        assertThat(tasks()).as("it got damp again").containsExactly("TrayRewetted now");
    }

    @Test
    void aTrayNobodyWeighsIsForgotten() {
        number = season.picked(season.planted("pea", "2026-03-20", 300), 9000, 290);
        season.step(number, begun("DRY", 9000, "2026-08-02T07:10"));
        assertThat(tasks()).containsExactly("TrayForgotten now");
    }

    @Test
    void dampAirNeedsGel() {
        String step = drying();
        read(step, "AIR", 17, "2026-08-11T07:10").ok();
        read(step, "HUMIDITY", 85, "2026-08-11T07:10").ok();
        read(step, "MASS", 6600, "2026-08-13T07:10").ok();
        JsonNode drying = underWay().get("drying");
        assertThat(drying.get("reachable").asBoolean()).isFalse();
        assertThat(drying.get("floor").asDouble())
                .isGreaterThan(drying.get("target").asDouble());
        assertThat(drying.get("gel").asDouble()).isPositive();
        assertThat(drying.has("dryAt")).isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "MASH, 79, 2026-08-13T07:10, value",
        "MASH, 22, 2026-08-11T07:10, takenAt",
        "MASH, 22, 2026-08-14T07:11, takenAt",
        "HUMIDITY, 101, 2026-08-13T07:10, value",
        "MASS, 0, 2026-08-13T07:10, value",
        "MASS, 61000, 2026-08-13T07:10, value"
    })
    void readingsThatCannotBeAreRefused(String quantity, double value, String at, String field) {
        assertThat(read(fermenting(), quantity, value, at).field()).isEqualTo(field);
    }

    @Test
    void aDeadScaleGivesNoReading() {
        String step = drying();
        Map<String, Object> fromScale = record("quantity", "MASS", "value", 8000, "instrument", "simulated scale");
        String path = "/api/steps/" + step + "/readings";
        season.grower.post("/api/instruments/scale", record("plugged", false)).ok();
        Client.Answer dead = season.grower.post(path, fromScale);
        assertThat(dead.field()).isEqualTo("source");
        assertThat(dead.detail()).contains("not heard");
        season.grower.post("/api/instruments/scale", record("plugged", true)).ok();
        assertThat(season.grower.post(path, fromScale).ok().get("source").asString())
                .isEqualTo("simulated scale");
        assertThat(read(step, "MASS", 7900, "2026-08-13T07:10")
                        .ok()
                        .get("source")
                        .asString())
                .isEqualTo("by hand");
    }

    @Test
    void aReadingIsFromTheInstrumentItWasReadFromWhereverThatIs() {
        Map<String, Object> read = record("quantity", "MASS", "value", 7800, "instrument", "scale, serial");
        String path = "/api/steps/" + drying() + "/readings";
        assertThat(season.grower.post(path, read).ok().get("source").asString()).isEqualTo("scale, serial");
        assertThat(season.grower.post(path, with(read, "instrument", "")).field())
                .isEqualTo("instrument");
    }

    @Test
    void aReadingIsCorrectedAndNothingIsReadOfWhatHasEnded() {
        String step = fermenting();
        JsonNode reading = read(step, "MASH", 28, "2026-08-13T07:10").ok();
        Map<String, Object> corrected = record("quantity", "MASH", "value", 23, "version", 0);
        String path = "/api/readings/" + reading.get("id").asString();
        assertThat(season.grower.put(path, corrected).field()).isEqualTo("reason");
        season.grower.put(path, with(corrected, "reason", "read at the rim")).ok();
        assertThat(underWay().at("/ferment/temperature").asDouble()).isEqualTo(23);
        JsonNode open = underWay();
        season.grower
                .put(
                        "/api/steps/" + step,
                        with(
                                begun("FERMENT", 6100, "2026-08-12T07:10"),
                                "massOut",
                                5900,
                                "endedAt",
                                "2026-08-14T07:00",
                                "temperature",
                                18,
                                "version",
                                open.get("version").asInt()))
                .ok();
        assertThat(read(step, "MASH", 22, "2026-08-13T08:10").field()).isEqualTo("takenAt");
        assertThat(season.grower.get("/api/steps/" + step + "/readings").ok().size())
                .isEqualTo(1);
    }

    @Test
    void everySchoolIsShownAtTheTemperatureItIs() {
        JsonNode schools =
                season.grower.get("/api/ferment-schools?temperature=22").ok();
        assertThat(schools.findValuesAsString("school"))
                .containsExactly("NONE", "SHORT_SOAK", "TWO_TO_THREE_DAYS", "FIVE_TO_SEVEN_DAYS");
        assertThat(schools.at("/2/readyFrom").asDouble()).isEqualTo(48);
        assertThat(season.grower.get("/api/ferment-schools?temperature=60").status())
                .isEqualTo(400);
    }
}
