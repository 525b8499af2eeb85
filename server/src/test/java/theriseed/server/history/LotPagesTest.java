package theriseed.server.history;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.DemoFarmTest;
import theriseed.server.Queries;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

@DemoFarmTest
class LotPagesTest {
    @LocalServerPort
    int port;

    Season season;

    @BeforeEach
    void season() {
        season = new Season(port);
    }

    @Test
    void theThreadNarrowsAndItsEndsWeighUpWithTheStock() {
        String number = season.sellable();
        String run = season.packed(number, 100, 50);
        season.grower
                .post("/api/lots/" + number + "/sales", Season.saleOf(run, 20))
                .ok();
        JsonNode history = season.lot(number).get("history");
        List<Double> dry = new ArrayList<>();
        history.get("knots").forEach(knot -> dry.add(knot.get("dry").asDouble()));
        assertThat(dry).hasSize(6).isSortedAccordingTo((a, b) -> Double.compare(b, a));
        JsonNode packets = history.at("/ends/0");
        assertThat(packets.get("kind").asString()).isEqualTo("PACKETS");
        assertThat(packets.get("packets").asInt()).isEqualTo(50);
        assertThat(packets.get("sold").asInt()).isEqualTo(20);
        double clean = season.lot(number).at("/known/bench/mass").asDouble();
        double ends =
                packets.get("mass").asDouble() + history.at("/ends/1/mass").asDouble();
        assertThat(ends).as("all but one in a hundred spilt in packing").isBetween(clean * 0.98, clean);
    }

    @Test
    void whatLeftItIsWeighedBesideTheThread() {
        JsonNode page = demoLot("Lantern Quay", 2026);
        JsonNode leaving = page.at("/history/knots/1/leaving/0");
        assertThat(leaving.get("what").asString()).isEqualTo("flesh");
        assertThat(leaving.get("mass").asDouble()).isCloseTo(30_100, within(1e-9));
    }

    @Test
    void walksTestsAndHoldsAreKnottedInByTheirDays() {
        String number = season.sellable();
        season.grower
                .post("/api/lots/" + number + "/hold", Season.record("reason", "label came off"))
                .ok();
        JsonNode events = season.lot(number).at("/history/events");
        assertThat(events.findValuesAsString("kind")).containsExactly("WALK", "SEED_WEIGHT", "GERMINATION", "HELD");
        assertThat(events.get(0).get("before").asInt())
                .as("before it was picked")
                .isZero();
        assertThat(events.get(0).get("of").asInt()).isEqualTo(300);
        assertThat(events.get(2).get("figure").asInt()).isEqualTo(94);
        assertThat(events.get(2).get("before").asInt()).isEqualTo(6);
        assertThat(events.get(3).get("because").asString()).isEqualTo("label came off");
        assertThat(events.get(3).get("alarm").asBoolean()).isTrue();
    }

    private JsonNode demoLot(String variety, int year) {
        for (JsonNode shelved : season.grower.get("/api/lots?size=200").ok().get("items")) {
            if (shelved.at("/known/planting/variety/name").asString().equals(variety)
                    && shelved.at("/known/lot/season").asInt() == year) {
                return season.lot(shelved.at("/known/lot/number").asString());
            }
        }
        throw new AssertionError("no lot of " + variety);
    }

    @Test
    void moreLotsTakeNoMoreQueries() {
        for (String path : List.of("/api/lots?size=200", "/api/bench", "/api/today", "/api/seasons/2026")) {
            long few = queries(path);
            for (int i = 0; i < 3; i++) {
                season.picked(season.planted("pea", "2026-03-20", 300), 9000, 290);
            }
            assertThat(queries(path)).as(path).isPositive().isEqualTo(few);
        }
    }

    private long queries(String path) {
        season.grower.get(path).ok();
        return Queries.of(() -> season.grower.get(path).ok());
    }
}
