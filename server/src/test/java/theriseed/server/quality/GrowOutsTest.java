package theriseed.server.quality;

import static org.assertj.core.api.Assertions.assertThat;
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

@DemoFarmTest
class GrowOutsTest {
    @LocalServerPort
    int port;

    Season season;
    Client grower;

    @BeforeEach
    void signIn() {
        season = new Season(port);
        grower = season.grower;
    }

    /** A lot whose rows nobody walked. */
    private String unwalked() {
        String number = season.picked(season.planted("pea", "2026-03-20", 300), 9000, 290);
        season.cleaned(number, 9000);
        season.tested(number, 24.1, 23.9, 24.3, 24.0);
        return number;
    }

    private static Map<String, Object> grown(int plants, int offTypes) {
        return record(
                "sownOn", "2026-08-02", "examinedOn", "2026-08-13", "plants", plants, "offTypes", offTypes, "note", "");
    }

    private String reasons(String number) {
        return season.lot(number).at("/known/gate/reasons").toString();
    }

    @Test
    void aSampleGrownOutSettlesWhatNobodyWalkedToSeeUntilItIsCorrected() {
        String number = unwalked();
        assertThat(reasons(number)).contains("NOT_WALKED");
        String id = grower.post("/api/lots/" + number + "/grow-outs", grown(300, 0))
                .ok()
                .get("id")
                .asString();
        assertThat(reasons(number)).isEqualTo("[]");
        assertThat(season.lot(number).get("history").toString()).contains("GROW_OUT");
        Map<String, Object> ten = with(grown(300, 10), "version", 0, "reason", "pale flowers were missed");
        grower.put("/api/grow-outs/" + id, ten).ok();
        assertThat(reasons(number)).contains("OFF_TYPES_OVER");
        assertThat(season.lot(number).get("corrections").toString()).contains("pale flowers");
        assertThat(grower.get("/api/sheets/tests.csv").text())
                .contains(number + ",grow_out,2026-08-13,2026-08-02")
                .contains(",300,10,");
        assertThat(grower.post("/api/lots/" + number + "/grow-outs", grown(300, 301))
                        .field())
                .isEqualTo("offTypes");
        assertThat(grower.post("/api/lots/" + number + "/grow-outs", with(grown(300, 1), "examinedOn", "2026-08-02"))
                        .field())
                .isEqualTo("examinedOn");
    }

    @Test
    void aLotOfFewSeedsIsCountedWholeAndAskedForNoMoreThanItBears() {
        String planting = season.planted("pea", "2026-03-20", 300);
        season.walked(planting, 300);
        String number = season.picked(planting, 20, 290);
        season.cleaned(number, 20);
        assertThat(season.lot(number).at("/known/gate/against").toString())
                .contains("\"all\":true")
                .contains("\"sample\":");
        Map<String, Object> whole = record("weighedOn", "2026-08-13", "grams", List.of(9), "counted", 36, "note", "");
        assertThat(grower.post("/api/lots/" + number + "/seed-weight", with(whole, "grams", List.of(9, 9)))
                        .field())
                .isEqualTo("grams");
        grower.post("/api/lots/" + number + "/seed-weight", whole).ok();
        assertThat(season.lot(number)
                        .at("/known/tests/seedWeights/0/result/thousandSeedWeight")
                        .asDouble())
                .isEqualTo(250);
        Map<String, Object> sheet = record(
                "setOn",
                "2026-08-04",
                "countedOn",
                "2026-08-13",
                "method",
                "HOME",
                "perReplicate",
                12,
                "replicates",
                1,
                "counts",
                List.of(12));
        grower.post("/api/lots/" + number + "/germination", sheet).ok();
        assertThat(reasons(number)).doesNotContain("SEED_WEIGHT_UNKNOWN", "UNTESTED");
    }
}
