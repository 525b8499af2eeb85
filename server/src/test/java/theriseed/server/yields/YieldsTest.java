package theriseed.server.yields;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static theriseed.server.Season.record;
import static theriseed.server.Season.stepOf;
import static theriseed.server.Season.with;

import java.util.List;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.DemoFarmTest;
import theriseed.server.Queries;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

@DemoFarmTest
class YieldsTest {
    @LocalServerPort
    int port;

    Season season;

    @BeforeEach
    void season() {
        season = new Season(port);
    }

    private String clean(double picked, double seed) {
        String number = season.picked(season.planted("hot-pepper", "2026-02-20", 40), picked, 40);
        season.step(number, with(stepOf("EXTRACT", picked, picked / 10), "byProducts", List.of()));
        season.step(number, with(stepOf("DRY", picked / 10, seed), "people", 2));
        season.step(number, stepOf("HAND_PICK", seed, seed));
        return number;
    }

    private JsonNode yields(String crop) {
        return season.grower.get("/api/yields?crop=" + crop).ok();
    }

    private static JsonNode row(JsonNode yields, String number) {
        return StreamSupport.stream(yields.get("lots").spliterator(), false)
                .filter(lot -> lot.get("number").asString().equals(number))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aLotIsComparedByPlantGroundAndHour() {
        String number = clean(20_000, 400);
        JsonNode row = row(yields("hot-pepper"), number);
        assertThat(row.get("share").asDouble()).isCloseTo(0.02, within(1e-12));
        assertThat(row.get("perPlant").asDouble()).isCloseTo(10, within(1e-12));
        assertThat(row.get("school").asString()).isEqualTo("FRESH_FRUIT");
        assertThat(row.get("minutes").asInt()).isEqualTo(120);
        assertThat(row.get("perHour").asDouble()).isCloseTo(200, within(1e-12));
        assertThat(row.get("perSquareMetre").asDouble())
                .isLessThan(row.get("perMetre").asDouble() * 10)
                .isPositive();
    }

    @Test
    void theFarmsOwnLotsSayWhatIsUnusual() {
        for (double seed : new double[] {380, 400, 410, 420, 430}) {
            clean(20_000, seed);
        }
        String poor = clean(20_000, 60);
        JsonNode yields = yields("hot-pepper");
        assertThat(yields.at("/ownShare/lots").asInt()).isGreaterThanOrEqualTo(6);
        assertThat(row(yields, poor).get("place").asString()).isEqualTo("BELOW");
        assertThat(yields.get("steps").findValuesAsString("kind")).contains("EXTRACT", "DRY", "HAND_PICK");
        assertThat(yields.get("crops").findValuesAsString("key")).contains("hot-pepper", "tomato");
    }

    @Test
    void theTableIsTakenAlongAsCsv() {
        String number = clean(20_000, 400);
        String csv = season.grower.get("/api/yields.csv?crop=hot-pepper").text();
        assertThat(csv).startsWith("lot,variety,season,school,picked_g,clean_g,share");
        assertThat(csv).contains(number + ",Test ");
    }

    @Test
    void moreLotsAskTheDatabaseNoMore() {
        clean(20_000, 400);
        long few = queries();
        clean(20_000, 405);
        clean(20_000, 395);
        assertThat(queries()).isPositive().isEqualTo(few);
        assertThat(season.grower.get("/api/yields?seasons=0").field()).isEqualTo("seasons");
    }

    private long queries() {
        yields("hot-pepper");
        return Queries.of(() -> yields("hot-pepper"));
    }

    /** 40 kg squeezed to 6.5 kg of mash, which ferments in two buckets. */
    @Test
    void whatWasPartedGaveWhatItsPartsGaveTogether() {
        String number = season.picked(season.planted("tomato", "2026-03-10", 24), 40_000, 24);
        season.step(number, with(stepOf("EXTRACT", 40_000, 6_500), "missingReason", "NOT_WEIGHED"));
        JsonNode buckets = season.grower
                .post(
                        "/api/lots/" + number + "/parts",
                        record("masses", List.of(4_000, 2_500), "transferredOn", "2026-08-02"))
                .ok();
        String first = buckets.at("/0/number").asString();
        String second = buckets.at("/1/number").asString();
        assertThat(season.lot(first).at("/known/bench/expected/low").asDouble())
                .isCloseTo(season.lot(second).at("/known/bench/expected/low").asDouble() * 4_000 / 2_500, within(1e-9));
        washed(first, 4_000, 150);
        JsonNode soFar = season.lot(number).get("gave");
        assertThat(soFar.get("clean").asDouble()).isCloseTo(150, within(1e-9));
        assertThat(soFar.get("waiting").asDouble()).isCloseTo(2_500 / 6_500.0, within(1e-9));
        washed(second, 2_500, 90);
        JsonNode whole = season.lot(number);
        assertThat(whole.at("/gave/yield/share").asDouble()).isCloseTo(240 / 40_000.0, within(1e-9));
        assertThat(whole.at("/gave/into").valueStream().map(JsonNode::asString)).containsExactly(first, second);
        assertThat(whole.at("/known/gate/reasons").toString())
                .contains("ALL_TRANSFERRED")
                .doesNotContain("NOT_CLEAN");
        assertThat(season.lot(first).at("/known/bench/yield/share").asDouble())
                .isCloseTo(150 * 6_500 / (4_000 * 40_000.0), within(1e-9));
        JsonNode row = row(yields("tomato"), number);
        assertThat(row.get("clean").asDouble()).isCloseTo(240, within(1e-9));
        assertThat(row.get("school").asString()).isEqualTo("WASHED");
    }

    private void washed(String number, double mash, double seed) {
        season.step(number, with(stepOf("RINSE", mash, 2 * seed), "waterAdded", 8_000));
        season.step(number, stepOf("DRY", 2 * seed, seed));
    }
}
