package theriseed.server.gate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static theriseed.server.Season.germinationOf;
import static theriseed.server.Season.record;
import static theriseed.server.Season.stepOf;
import static theriseed.server.Season.with;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

/** What becomes of a lot's moisture from its tray to its jar, and of what was dried too hot. */
@DemoFarmTest
class MoistureTest {
    @LocalServerPort
    int port;

    Season season;

    @BeforeEach
    void season() {
        season = new Season(port);
    }

    /** Cucumbers whose seed was rinsed and waits to be dried: 420 g of it. */
    private String rinsed() {
        String planting = season.planted("cucumber", "2026-03-20", 18);
        season.walked(planting, 18);
        String number = season.picked(planting, 26_000, 18);
        season.step(number, with(stepOf("EXTRACT", 26_000, 5_200), "missingReason", "NOT_WEIGHED"));
        season.step(number, stepOf("FERMENT", 5_200, 5_000));
        season.step(number, with(stepOf("RINSE", 5_000, 420), "waterAdded", 8_000));
        return number;
    }

    private String spread(String number, Integer moistureIn) {
        Map<String, Object> drying =
                with(stepOf("DRY", 420, 0), "moistureIn", moistureIn, "begunAt", "2026-08-10T08:00");
        drying.remove("massOut");
        return season.step(number, drying).get("id").asString();
    }

    private void read(String step, String quantity, String moment, double value) {
        season.grower
                .post(
                        "/api/steps/" + step + "/readings",
                        record("quantity", quantity, "value", value, "takenAt", moment))
                .ok();
    }

    private void takenOff(String step, Integer moistureIn, double out) {
        season.grower
                .put(
                        "/api/steps/" + step,
                        with(
                                stepOf("DRY", 420, out),
                                "moistureIn",
                                moistureIn,
                                "begunAt",
                                "2026-08-10T08:00",
                                "endedAt",
                                "2026-08-13T08:00",
                                "version",
                                0))
                .ok();
    }

    private String dried(double out) {
        String number = rinsed();
        takenOff(spread(number, 45), 45, out);
        return number;
    }

    private JsonNode known(String number) {
        return season.lot(number).get("known");
    }

    private List<String> reasons(String number) {
        return known(number)
                .at("/gate/reasons")
                .valueStream()
                .map(JsonNode::asString)
                .toList();
    }

    private Client.Answer sealed(String number, String because) {
        String shelf = season.grower
                .post(
                        "/api/shelves",
                        record(
                                "name",
                                "Shelf for " + number + because.length(),
                                "kind",
                                "FREEZER",
                                "celsius",
                                -18,
                                "humidity",
                                60,
                                "note",
                                ""))
                .ok()
                .get("id")
                .asString();
        return season.grower.post(
                "/api/lots/" + number + "/containers",
                record(
                        "shelfId",
                        shelf,
                        "kind",
                        "JAR",
                        "sealed",
                        true,
                        "dampBecause",
                        because,
                        "count",
                        1,
                        "on",
                        "2026-08-14"));
    }

    /** 420 g at 45 % hold 231 g of dry matter, which is 70 % of 330 g. */
    @Test
    void seedTakenOffTheTrayDampStaysKnownAsDamp() {
        String number = dried(330);
        JsonNode moisture = known(number).get("moisture");
        assertThat(moisture.get("percent").asDouble()).isCloseTo(30, within(1e-9));
        assertThat(moisture.get("by").asString()).isEqualTo("WEIGHT");
        assertThat(reasons(number)).contains("NOT_DRY");
        Client.Answer refused = sealed(number, "there is no other tray");
        assertThat(refused.field()).isEqualTo("dampBecause");
        assertThat(refused.text()).contains("frost kills");
    }

    @Test
    void drySeedIsSealedAndFrozenWithoutAWord() {
        String number = dried(246);
        assertThat(known(number).at("/moisture/percent").asDouble()).isCloseTo(100 - 23_100 / 246.0, within(1e-9));
        assertThat(reasons(number)).doesNotContain("NOT_DRY", "DRYNESS_UNKNOWN");
        sealed(number, "").ok();
    }

    @Test
    void whatNobodyKnowsToBeDryIsSealedOnlyWithAWordThatStays() {
        String number = rinsed();
        season.step(number, stepOf("DRY", 420, 240));
        assertThat(known(number).has("moisture")).isFalse();
        assertThat(reasons(number)).contains("DRYNESS_UNKNOWN");
        assertThat(sealed(number, "").field()).isEqualTo("dampBecause");
        JsonNode jar = sealed(number, "snaps when bent, has stood over gel for a month")
                .ok();
        assertThat(jar.at("/0/dampBecause").asString()).startsWith("snaps when bent");
    }

    @Test
    void aTrayThatWeighsTheSameADayLaterIsAsDryAsItsAir() {
        String number = rinsed();
        String step = spread(number, null);
        read(step, "AIR", "2026-08-11T08:00", 22);
        read(step, "HUMIDITY", "2026-08-11T08:00", 30);
        read(step, "MASS", "2026-08-12T08:00", 241);
        takenOff(step, null, 240);
        assertThat(known(number).at("/moisture/by").asString()).isEqualTo("AIR");
        assertThat(reasons(number)).doesNotContain("DRYNESS_UNKNOWN");
    }

    @Test
    void seedDriedTooHotIsTestedFirstAndItsPartsAreToo() {
        String number = rinsed();
        String step = spread(number, 45);
        read(step, "AIR", "2026-08-10T09:00", 45);
        read(step, "AIR", "2026-08-10T19:00", 28);
        takenOff(step, 45, 246);
        assertThat(known(number).at("/bench/heated/hours").asDouble()).isCloseTo(10, within(1e-9));
        assertThat(reasons(number)).contains("HEATED").doesNotContain("UNTESTED");
        String part = season.grower
                .post("/api/lots/" + number + "/parts", record("masses", List.of(100), "transferredOn", "2026-08-13"))
                .ok()
                .at("/0/number")
                .asString();
        assertThat(reasons(part)).contains("HEATED");
        assertThat(known(part).at("/moisture/percent").asDouble())
                .isCloseTo(known(number).at("/moisture/percent").asDouble(), within(1e-9));
        season.grower
                .post(
                        "/api/lots/" + part + "/germination",
                        with(germinationOf(94, 92, 95, 93), "setOn", "2026-08-13", "countedOn", "2026-08-14"))
                .ok();
        assertThat(reasons(part)).doesNotContain("HEATED");
        assertThat(known(part).at("/gate/cautions").toString()).contains("DRIED_TOO_HOT");
        assertThat(reasons(number)).contains("HEATED");
    }
}
