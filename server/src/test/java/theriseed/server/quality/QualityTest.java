package theriseed.server.quality;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static theriseed.server.Season.germinationOf;
import static theriseed.server.Season.record;
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

@DemoFarmTest
class QualityTest {
    @LocalServerPort
    int port;

    Season season;
    String number;
    String path;

    @BeforeEach
    void picked() {
        season = new Season(port);
        number = season.picked(season.planted("pea", "2026-03-20", 300), 9000, 290);
        path = "/api/lots/" + number;
    }

    @Test
    void replicatesThatChanceExplainsAreAccepted() {
        JsonNode test = season.grower
                .post(path + "/germination", germinationOf(94, 92, 95, 93))
                .ok();
        assertThat(test.at("/result/reported").asInt()).isEqualTo(94);
        assertThat(test.at("/result/acceptable").asBoolean()).isTrue();
    }

    @Test
    void replicatesTooFarApartMeanTestAgainAndTheLastTestCounts() {
        JsonNode test = season.grower
                .post(path + "/germination", germinationOf(96, 80, 93, 91))
                .ok();
        assertThat(test.at("/result/acceptable").asBoolean()).isFalse();
        assertThat(season.lot(number).at("/known/gate/reasons").toString()).contains("REPLICATES_DISAGREE");
        assertThat(season.lot(number).at("/known/gate").has("chance"))
                .as("what is not valid tells no chance")
                .isFalse();
        season.grower
                .post(path + "/germination", with(germinationOf(91, 90, 92, 93), "countedOn", "2026-08-14"))
                .ok();
        JsonNode tests = season.lot(number).at("/known/tests");
        assertThat(tests.get("germinations").size()).as("both stay").isEqualTo(2);
        assertThat(season.lot(number).at("/known/gate/reasons").toString()).doesNotContain("REPLICATES_DISAGREE");
        assertThat(season.lot(number).at("/known/gate/chance").asDouble()).isGreaterThan(0.9);
    }

    @Test
    void noMoreSproutThanWereLaidOut() {
        Client.Answer refused = season.grower.post(path + "/germination", germinationOf(94, 92, 401, 93));
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.detail()).contains("counts[2]: 401", "at least 0 and at most 100");
        assertThat(season.grower
                        .post(path + "/germination", germinationOf(94, -1, 90, 93))
                        .field())
                .startsWith("counts");
        assertThat(season.grower
                        .post(path + "/germination", with(germinationOf(94, 92, 95, 93), "perReplicate", 0))
                        .status())
                .isEqualTo(400);
        assertThat(season.grower.post(path + "/germination", germinationOf()).status())
                .isEqualTo(400);
    }

    @Test
    void aTestIsSetAfterPickingAndCountedAfterItIsSet() {
        assertThat(season.grower
                        .post(path + "/germination", with(germinationOf(90, 90, 90, 90), "setOn", "2026-07-31"))
                        .field())
                .isEqualTo("setOn");
        assertThat(season.grower
                        .post(path + "/germination", with(germinationOf(90, 90, 90, 90), "countedOn", "2026-08-04"))
                        .field())
                .isEqualTo("countedOn");
    }

    @Test
    void aMiscountIsCorrectedWithItsReason() {
        JsonNode test = season.grower
                .post(path + "/germination", germinationOf(94, 92, 9, 93))
                .ok();
        String at = "/api/germination/" + test.get("id").asString();
        assertThat(season.grower
                        .put(at, with(germinationOf(94, 92, 90, 93), "version", 0, "reason", " "))
                        .field())
                .isEqualTo("reason");
        season.grower
                .put(at, with(germinationOf(94, 92, 90, 93), "version", 0, "reason", "a nought was left out"))
                .ok();
        JsonNode page = season.lot(number);
        assertThat(page.at("/known/tests/germinations/0/result/reported").asInt())
                .isEqualTo(92);
        assertThat(page.at("/corrections/0/was").asString()).contains("9");
    }

    @Test
    void aThousandSeedsWeighTenTimesTheHundreds() {
        JsonNode weight = season.grower
                .post(
                        path + "/seed-weight",
                        record("weighedOn", "2026-08-10", "grams", List.of(24.1, 23.9, 24.3, 24.0)))
                .ok();
        assertThat(weight.at("/result/thousandSeedWeight").asDouble()).isCloseTo(240.75, within(1e-9));
        assertThat(season.grower
                        .post(path + "/seed-weight", record("weighedOn", "2026-08-10", "grams", List.of(24.1, 0)))
                        .status())
                .isEqualTo(400);
    }

    private JsonNode tests() {
        return season.lot(number).at("/known/tests");
    }

    /** A test that was set on 1 August: peas are counted first after five days and last after eight. */
    private String set(Object... more) {
        return "/api/germination/"
                + season.grower
                        .post(path + "/germination", with(record("setOn", "2026-08-02", "perReplicate", 100), more))
                        .ok()
                        .get("id")
                        .asString();
    }

    private static Map<String, Object> count(int version, String on, boolean last, Integer... normal) {
        return record("version", version, "countedOn", on, "last", last, "counts", List.of(normal));
    }

    @Test
    void aTestRunsUntilItsLastCountAndTellsItsDays() {
        String test = set("treatment", "chilled 5 days");
        JsonNode running = tests().at("/running/0");
        assertThat(running.get("firstDue").asString()).isEqualTo("2026-08-07");
        assertThat(running.get("finalDue").asString()).isEqualTo("2026-08-10");
        assertThat(tests().at("/germinations")).isEmpty();
        assertThat(season.lot(number).at("/known/gate/reasons").toString()).contains("UNTESTED");
        season.grower
                .post(test + "/count", count(0, "2026-08-07", false, 70, 72, 69, 71))
                .ok();
        assertThat(season.grower
                        .post(test + "/count", count(1, "2026-08-10", true, 94, 71, 95, 93))
                        .detail())
                .contains("counts[1]: 71", "at least 72 and at most 100");
        season.grower
                .post(
                        test + "/count",
                        with(
                                count(1, "2026-08-10", true, 90, 91, 89, 90),
                                "hard",
                                List.of(2, 1, 2, 1),
                                "abnormal",
                                List.of(3, 4, 5, 4),
                                "dead",
                                List.of(5, 4, 4, 5)))
                .ok();
        JsonNode counted = tests().at("/germinations/0");
        assertThat(counted.at("/classes/potential").asDouble()).isCloseTo(91.5, within(1e-9));
        assertThat(counted.get("treatment").asString()).isEqualTo("chilled 5 days");
        assertThat(tests().at("/running")).isEmpty();
        assertThat(season.grower
                        .post(test + "/count", count(2, "2026-08-10", true, 90, 91, 89, 90))
                        .field())
                .isEqualTo("countedOn");
    }

    @Test
    void whatBecameOfTheSeedsAddsUpToThem() {
        String test = set();
        Client.Answer refused = season.grower.post(
                test + "/count", with(count(0, "2026-08-10", true, 90, 91, 89, 90), "dead", List.of(10, 9, 11, 9)));
        assertThat(refused.detail()).contains("add up to 99 of 100 seeds");
        assertThat(season.grower
                        .post(
                                test + "/count",
                                with(count(0, "2026-08-10", true, 90, 91, 89, 90), "dead", List.of(10, 9)))
                        .field())
                .isEqualTo("dead");
    }

    @Test
    void twoHandsDoNotCountOneTestTwice() {
        String test = set();
        season.grower
                .post(test + "/count", count(0, "2026-08-07", false, 70, 72, 69, 71))
                .ok();
        assertThat(season.grower
                        .post(test + "/count", count(0, "2026-08-10", true, 90, 91, 89, 90))
                        .status())
                .isEqualTo(409);
    }

    @Test
    void aSpoiltTestTellsNothingButIsRemembered() {
        String test = set();
        season.grower
                .post(test + "/spoilt", record("why", "the paper dried out"))
                .ok();
        assertThat(tests().at("/running")).isEmpty();
        assertThat(tests().at("/spoilt/0/spoilt").asString()).isEqualTo("the paper dried out");
        assertThat(season.lot(number).at("/known/gate/reasons").toString()).contains("UNTESTED");
        assertThat(season.grower
                        .post(test + "/spoilt", record("why", "said once more"))
                        .status())
                .isEqualTo(400);
    }

    @Test
    void aHomeTestIsOneSheetAndCannotShowAStandardClosely() {
        assertThat(season.grower
                        .post(
                                path + "/germination",
                                record("setOn", "2026-08-02", "perReplicate", 50, "method", "HOME", "replicates", 4))
                        .field())
                .isEqualTo("replicates");
        String test = set("perReplicate", 50, "method", "HOME", "replicates", 1);
        season.grower.post(test + "/count", count(0, "2026-08-10", true, 43)).ok();
        JsonNode gate = season.lot(number).at("/known/gate");
        assertThat(gate.at("/reasons").toString()).contains("TOO_FEW_TESTED").doesNotContain("UNTESTED");
    }

    @Test
    void theLastTestIsHeldAgainstTheOneBefore() {
        season.grower.post(path + "/germination", germinationOf(94, 92, 95, 93)).ok();
        season.grower
                .post(path + "/germination", with(germinationOf(85, 84, 86, 85), "countedOn", "2026-08-14"))
                .ok();
        assertThat(tests().at("/compared/compatible").asBoolean()).isFalse();
        assertThat(tests().at("/compared/points").asDouble()).isCloseTo(8.5, within(1e-9));
    }

    @Test
    void purityAndGerminationTogetherAreThePureLiveSeed() {
        season.grower.post(path + "/germination", germinationOf(94, 92, 95, 93)).ok();
        assertThat(tests().has("pureLiveSeed")).isFalse();
        JsonNode purity = season.grower
                .post(
                        path + "/purity",
                        record(
                                "testedOn",
                                "2026-08-10",
                                "initial",
                                100.2,
                                "pure",
                                98,
                                "other",
                                0,
                                "weed",
                                1,
                                "inert",
                                1))
                .ok();
        assertThat(purity.at("/result/pure").asDouble()).isEqualTo(98);
        assertThat(tests().at("/pureLiveSeed").asDouble()).isCloseTo(98 * 0.935, within(1e-9));
        assertThat(season.lot(number).at("/known/purity").asDouble()).isEqualTo(98);
        String at = "/api/purity/" + purity.get("id").asString();
        season.grower
                .put(
                        at,
                        record(
                                "testedOn",
                                "2026-08-10",
                                "initial",
                                100.2,
                                "pure",
                                88,
                                "other",
                                0,
                                "weed",
                                1,
                                "inert",
                                1,
                                "version",
                                0,
                                "reason",
                                "read 98 for 88"))
                .ok();
        assertThat(tests().at("/purities/0/result/valid").asBoolean())
                .as("10 g went missing")
                .isFalse();
        assertThat(tests().has("pureLiveSeed")).isFalse();
        assertThat(season.lot(number).at("/corrections").toString()).contains("read 98 for 88");
    }

    @Test
    void moistureIsByOvenOrMeterAndTheLastOneCounts() {
        assertThat(season.grower
                        .post(path + "/moisture", record("measuredOn", "2026-08-10"))
                        .field())
                .isEqualTo("readings");
        assertThat(season.grower
                        .post(
                                path + "/moisture",
                                record(
                                        "measuredOn",
                                        "2026-08-10",
                                        "dishes",
                                        List.of(record("empty", 20, "before", 25, "after", 26))))
                        .field())
                .isEqualTo("dishes[0].after");
        season.grower
                .post(path + "/moisture", record("measuredOn", "2026-08-10", "readings", List.of(9.0, 9.4)))
                .ok();
        assertThat(season.lot(number).at("/known/moisture/percent").asDouble()).isCloseTo(9.2, within(1e-9));
        season.grower
                .post(
                        path + "/moisture",
                        record(
                                "measuredOn",
                                "2026-08-11",
                                "dishes",
                                List.of(record("empty", 20, "before", 25, "after", 24.6))))
                .ok();
        assertThat(season.lot(number).at("/known/moisture/percent").asDouble()).isCloseTo(8, within(1e-9));
    }

    @Test
    void seedIsCutOpenAndAWrongWeightIsCorrected() {
        JsonNode cut = season.grower
                .post(path + "/cut", record("cutOn", "2026-08-10", "sound", 46, "empty", 1, "eaten", 2, "shrunken", 1))
                .ok();
        assertThat(cut.at("/result/share").asDouble()).isEqualTo(0.92);
        assertThat(season.grower
                        .post(
                                path + "/cut",
                                record("cutOn", "2026-08-10", "sound", 4, "empty", 1, "eaten", 0, "shrunken", 0))
                        .field())
                .isEqualTo("sound");
        JsonNode weight = season.grower
                .post(path + "/seed-weight", record("weighedOn", "2026-08-10", "grams", List.of(24.1, 32.9)))
                .ok();
        season.grower
                .put(
                        "/api/seed-weights/" + weight.get("id").asString(),
                        record(
                                "weighedOn",
                                "2026-08-10",
                                "grams",
                                List.of(24.1, 23.9),
                                "version",
                                0,
                                "reason",
                                "figures swapped"))
                .ok();
        assertThat(tests().at("/seedWeights/0/result/thousandSeedWeight").asDouble())
                .isCloseTo(240, within(1e-9));
    }
}
