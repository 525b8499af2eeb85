package theriseed.server.yields;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static theriseed.server.Season.stepOf;
import static theriseed.server.Season.with;

import jakarta.persistence.EntityManagerFactory;
import java.util.List;
import java.util.stream.StreamSupport;
import org.hibernate.SessionFactory;
import org.hibernate.stat.Statistics;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

@DemoFarmTest
class YieldsTest {
    @LocalServerPort
    int port;

    @Autowired
    EntityManagerFactory database;

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
        Statistics statistics = database.unwrap(SessionFactory.class).getStatistics();
        long few = queries(statistics);
        clean(20_000, 405);
        clean(20_000, 395);
        assertThat(queries(statistics)).isEqualTo(few);
        assertThat(season.grower.get("/api/yields?seasons=0").field()).isEqualTo("seasons");
    }

    private long queries(Statistics statistics) {
        yields("hot-pepper");
        statistics.clear();
        yields("hot-pepper");
        return statistics.getPrepareStatementCount();
    }
}
