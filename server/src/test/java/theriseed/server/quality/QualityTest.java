package theriseed.server.quality;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static theriseed.server.Season.germinationOf;
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
        season.grower
                .post(path + "/germination", with(germinationOf(91, 90, 92, 93), "countedOn", "2026-08-14"))
                .ok();
        JsonNode tests = season.lot(number).at("/known/tests");
        assertThat(tests.get("germinations").size()).as("both stay").isEqualTo(2);
        assertThat(season.lot(number).at("/known/gate/reasons").toString()).doesNotContain("REPLICATES_DISAGREE");
    }

    @Test
    void noMoreSproutThanWereLaidOut() {
        Client.Answer refused = season.grower.post(path + "/germination", germinationOf(94, 92, 401, 93));
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.detail()).contains("counts[2]: 401", "[0, 100]");
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
}
