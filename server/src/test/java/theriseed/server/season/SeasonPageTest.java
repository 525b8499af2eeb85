package theriseed.server.season;

import static org.assertj.core.api.Assertions.assertThat;
import static theriseed.server.Season.plantingOf;
import static theriseed.server.Season.record;
import static theriseed.server.Season.with;

import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.DemoFarmTest;
import theriseed.server.Queries;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

/** A season is read in a few queries, whatever its size, and what is kept of it is never older than the last change. */
@DemoFarmTest
class SeasonPageTest {
    @LocalServerPort
    int port;

    Season season;

    @BeforeEach
    void season() {
        season = new Season(port);
    }

    private String sown(int year, String crop, double east, double north) {
        String plot = season.plotAt(east, north);
        return season.grower
                .post(
                        "/api/plantings",
                        with(plantingOf(season.variety(crop), plot, year + "-05-01", 40), "season", year))
                .ok()
                .get("id")
                .asString();
    }

    private JsonNode planting(int year, String id) {
        for (JsonNode planting : season.grower.get("/api/seasons/" + year).ok().get("plantings")) {
            if (planting.get("id").asString().equals(id)) {
                return planting;
            }
        }
        throw new AssertionError(id + " is not in the season");
    }

    private Map<String, Object> gardenOf(String crop, int year, double east, double north) {
        return record(
                "name",
                "Garden",
                "cropKey",
                crop,
                "outline",
                record("east", east, "north", north),
                "area",
                60,
                "season",
                year,
                "bloomFirst",
                year + "-05-20",
                "bloomLast",
                year + "-10-20",
                "seenOn",
                "2026-08-01",
                "sure",
                true);
    }

    private long queriesAfterAChange(int year) {
        season.grower.post("/api/neighbours", gardenOf("pea", year, 4500, 4200)).ok();
        return Queries.of(() -> season.grower.get("/api/seasons/" + year).ok());
    }

    @Test
    void aSeasonTakesNoMoreQueriesTheMoreIsPlantedAndSeen() {
        sown(2097, "lettuce", 4000, 4000);
        long few = queriesAfterAChange(2097);
        for (int i = 0; i < 12; i++) {
            sown(2097, i % 2 == 0 ? "lettuce" : "radish", 4100 + 45 * i, 4000);
            season.grower
                    .post("/api/neighbours", gardenOf("radish", 2097, 4100 + 45 * i, 4060))
                    .ok();
        }
        long many = queriesAfterAChange(2097);
        assertThat(few).isPositive();
        assertThat(many).isEqualTo(few);
        long again = Queries.of(
                () -> assertThat(season.grower.get("/api/seasons/2097").ok().get("plantings"))
                        .hasSize(13));
        assertThat(again).as("nothing was written since").isPositive().isLessThan(many);
    }

    @Test
    void everyKindOfChangeIsSeenAtOnce() {
        String id = sown(2098, "radish", 3000, 4500);
        assertThat(planting(2098, id).at("/isolation/threats")).isEmpty();

        JsonNode garden = season.grower
                .post("/api/neighbours", gardenOf("radish", 2098, 3050, 4500))
                .ok();
        assertThat(planting(2098, id).at("/isolation/threats")).hasSize(1);
        double bare = planting(2098, id).at("/isolation/crossing").asDouble();

        Map<String, Object> hedge =
                record("name", "Hedge", "outline", Season.rectangle(3035, 4500, 2, 60), "kind", "HEDGE", "height", 3);
        season.grower.post("/api/barriers", hedge).ok();
        assertThat(planting(2098, id).at("/isolation/crossing").asDouble()).isLessThan(bare);

        season.grower
                .post(
                        "/api/neighbours/" + garden.get("id").asString() + "/agreed",
                        record("version", garden.get("version").asInt(), "by", "2098-05-10"))
                .ok();
        assertThat(planting(2098, id).at("/isolation/crossing").asDouble()).isZero();

        JsonNode before = planting(2098, id);
        Map<String, Object> request = new HashMap<>(plantingOf(
                before.at("/variety/id").asString(), before.get("plotId").asString(), "2098-06-01", 40));
        request.putAll(Map.of("season", 2098, "version", before.get("version").asInt(), "reason", "too wet"));
        season.grower.put("/api/plantings/" + id, request).ok();
        assertThat(planting(2098, id).at("/bloom/first").asString())
                .isGreaterThan(before.at("/bloom/first").asString());

        String second = sown(2098, "radish", 3000, 4440);
        assertThat(planting(2098, id).at("/isolation/threats/0/sourceId").asString())
                .isEqualTo(second);
        season.grower
                .post(
                        "/api/plantings/" + second + "/given-up",
                        record(
                                "version",
                                planting(2098, second).get("version").asInt(),
                                "reason",
                                "no seed",
                                "givenUp",
                                true))
                .ok();
        assertThat(season.grower.get("/api/seasons/2098").ok().get("plantings")).hasSize(1);
        assertThat(planting(2098, id).at("/isolation/threats"))
                .isNotEmpty()
                .allSatisfy(
                        threat -> assertThat(threat.get("sourceId").asString()).isNotEqualTo(second));
    }
}
