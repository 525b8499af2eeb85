package theriseed.server.gate;

import static org.assertj.core.api.Assertions.assertThat;
import static theriseed.server.Season.germinationOf;
import static theriseed.server.Season.harvestOf;
import static theriseed.server.Season.packingOf;
import static theriseed.server.Season.plantingOf;
import static theriseed.server.Season.record;
import static theriseed.server.Season.with;

import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

@DemoFarmTest
class GateTest {
    @LocalServerPort
    int port;

    Season season;

    @BeforeEach
    void season() {
        season = new Season(port);
    }

    /** Clean, walked and weighed peas whose germination was counted so. */
    private String peas(Integer... counts) {
        String planting = season.planted("pea", "2026-03-20", 300);
        season.walked(planting, 300);
        return peasOf(planting, counts);
    }

    private String peasOf(String planting, Integer... counts) {
        String number = season.picked(planting, 9000, 290);
        season.cleaned(number, 9000);
        season.grower
                .post(
                        "/api/lots/" + number + "/seed-weight",
                        record("weighedOn", "2026-08-10", "grams", List.of(24.1, 23.9, 24.3, 24.0)))
                .ok();
        season.grower
                .post("/api/lots/" + number + "/germination", germinationOf(counts))
                .ok();
        return number;
    }

    private Client.Answer overrule(String number, String reason, String why, boolean lawful) {
        return season.grower.post(
                "/api/lots/" + number + "/overrulings", record("reason", reason, "why", why, "lawful", lawful));
    }

    private JsonNode gate(String number) {
        return season.lot(number).at("/known/gate");
    }

    @Test
    void whatIsOverruledInWritingMaySellAndStaysOnThePage() {
        String number = peas(70, 71, 69, 70);
        assertThat(gate(number).at("/reasons").toString()).isEqualTo("[\"BELOW_STANDARD\"]");
        assertThat(gate(number).at("/against/0/finding").toString())
                .isEqualTo("{\"kind\":\"BelowStandard\",\"germination\":70,\"grade\":\"MARKET\",\"needed\":80.0}");
        assertThat(season.grower
                        .post("/api/lots/" + number + "/packing", packingOf(50, 10))
                        .status())
                .isEqualTo(400);
        overrule(number, "BELOW_STANDARD", "old variety, sold with its true figure on the label", true)
                .ok();
        assertThat(gate(number).at("/mayBeSold").asBoolean()).isTrue();
        assertThat(gate(number).at("/against/0/overruled/by").asString()).isEqualTo("grower");
        season.packed(number, 50, 10);
        assertThat(season.lot(number).at("/overrulings/0/why").asString()).contains("true figure");
    }

    @Test
    void aNewFindingIsANewQuestion() {
        String number = peas(70, 71, 69, 70);
        overrule(number, "BELOW_STANDARD", "old variety, sold with its true figure on the label", true)
                .ok();
        season.grower
                .post(
                        "/api/lots/" + number + "/germination",
                        with(germinationOf(40, 41, 39, 40), "setOn", "2026-08-05", "countedOn", "2026-08-14"))
                .ok();
        assertThat(gate(number).at("/reasons").toString()).isEqualTo("[\"BELOW_STANDARD\"]");
        assertThat(season.lot(number).at("/overrulings")).hasSize(1);
    }

    @Test
    void anOverrulingIsWithdrawnWithAReasonAndBothAreKept() {
        String number = peas(70, 71, 69, 70);
        JsonNode made = overrule(number, "BELOW_STANDARD", "old variety, sold with its true figure", true)
                .ok();
        String path = "/api/overrulings/" + made.get(0).get("id").asString() + "/withdraw";
        season.grower
                .post(path, record("why", "a customer asked for better seed"))
                .ok();
        assertThat(gate(number).at("/mayBeSold").asBoolean()).isFalse();
        JsonNode kept = season.lot(number).at("/overrulings/0");
        assertThat(kept.get("withdrawnWhy").asString()).isEqualTo("a customer asked for better seed");
        assertThat(kept.get("why").asString()).contains("true figure");
        assertThat(season.grower.post(path, record("why", "said a second time")).status())
                .isEqualTo(400);
    }

    @Test
    void notEveryoneAndNotEverythingOverrules() {
        String number = peas(70, 71, 69, 70);
        assertThat(overrule(number, "BELOW_STANDARD", "too short", true).field())
                .isEqualTo("why");
        assertThat(overrule(number, "BELOW_STANDARD", "nobody looked at the law for it", false)
                        .field())
                .isEqualTo("lawful");
        assertThat(overrule(number, "OFF_TYPES_OVER", "nothing of the kind was found", true)
                        .field())
                .isEqualTo("reason");
        season.grower
                .post("/api/lots/" + number + "/hold", record("reason", "two jars, one label"))
                .ok();
        assertThat(overrule(number, "ON_HOLD", "it is surely the left one of them", true)
                        .field())
                .isEqualTo("reason");
        assertThat(Client.as("hand", port)
                        .post(
                                "/api/lots/" + number + "/overrulings",
                                record("reason", "BELOW_STANDARD", "why", "sold with its true figure", "lawful", true))
                        .status())
                .isEqualTo(403);
    }

    @Test
    void whatALowerGradeWouldLetPassIsSaidAndGradingDownFollowsWhatWasTransferred() {
        String planting = season.grower
                .post(
                        "/api/plantings",
                        with(plantingOf(season.variety("pea"), season.plot(), "2026-03-20", 300), "grade", "STOCK"))
                .ok()
                .get("id")
                .asString();
        season.walked(planting, 300);
        season.walked(planting, 300);
        String number = peasOf(planting, 81, 82, 80, 81);
        assertThat(gate(number).at("/reasons").toString()).isEqualTo("[\"BELOW_STANDARD\"]");
        assertThat(gate(number).at("/atGrades/0/mayBeSold").asBoolean()).isFalse();
        assertThat(gate(number).at("/atGrades/1/grade").asString()).isEqualTo("MARKET");
        assertThat(gate(number).at("/atGrades/1/mayBeSold").asBoolean()).isTrue();
        String part = season.grower
                .post("/api/lots/" + number + "/parts", record("transferredOn", "2026-08-14", "masses", List.of(500)))
                .ok()
                .at("/0/number")
                .asString();
        String grade = "/api/lots/" + number + "/grade";
        season.grower
                .put(
                        grade,
                        record(
                                "version",
                                season.versionOf(number),
                                "grade",
                                "MARKET",
                                "reason",
                                "it germinates too little for stock"))
                .ok();
        assertThat(gate(number).at("/mayBeSold").asBoolean()).isTrue();
        assertThat(season.lot(part).at("/known/lot/grade").asString()).isEqualTo("MARKET");
        assertThat(season.lot(part).at("/corrections/0/reason").asString()).contains("too little");
        assertThat(season.grower
                        .put(
                                "/api/lots/" + part + "/grade",
                                record("version", season.versionOf(part), "grade", "STOCK", "reason", "a better part"))
                        .field())
                .isEqualTo("grade");
        season.grower
                .put(
                        grade,
                        record("version", season.versionOf(number), "grade", "STOCK", "reason", "that was another lot"))
                .ok();
        assertThat(season.lot(number).at("/known/lot/grade").asString()).isEqualTo("STOCK");
    }

    @Test
    void seedOfFarTooFewPlantsIsHeldBack() {
        String planting = season.planted("pea", "2026-03-20", 300);
        season.walked(planting, 300);
        String number = season.numbered(planting);
        season.grower.post("/api/lots/" + number + "/picks", harvestOf(400, 3)).ok();
        assertThat(gate(number).at("/against").toString()).contains("\"kind\":\"TooFewMothers\",\"plants\":3");
    }
}
