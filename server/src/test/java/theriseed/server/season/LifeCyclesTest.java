package theriseed.server.season;

import static org.assertj.core.api.Assertions.assertThat;
import static theriseed.server.Season.plantingOf;
import static theriseed.server.Season.record;
import static theriseed.server.Season.rectangle;
import static theriseed.server.Season.with;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

/** Crops that do not seed in the summer they are sown in, or not at all. */
@DemoFarmTest
class LifeCyclesTest {
    @LocalServerPort
    int port;

    Season season;

    @BeforeEach
    void season() {
        season = new Season(port);
    }

    private String bed(String plot, double east, double north) {
        return season.grower
                .post("/api/beds", record("plotId", plot, "name", "Bed 1", "outline", rectangle(east, north, 30, 2)))
                .ok()
                .get("id")
                .asString();
    }

    private static List<Map<String, Object>> whole(String bed) {
        return List.of(record("bedId", bed, "from", 0, "to", 30));
    }

    private Client.Answer plant(Map<String, Object> planting) {
        return season.grower.post("/api/plantings", planting);
    }

    private List<String> work(int year, String planting) {
        List<String> kinds = new ArrayList<>();
        for (JsonNode entry : season.grower.get("/api/calendar?season=" + year).ok()) {
            if (entry.get("plantingId").asString().equals(planting)) {
                kinds.add(entry.get("kind").asString());
            }
        }
        return kinds;
    }

    private Map<String, String> places(int year, String planting) {
        Map<String, String> places = new HashMap<>();
        for (JsonNode entry : season.grower.get("/api/calendar?season=" + year).ok()) {
            if (entry.get("plantingId").asString().equals(planting)) {
                places.put(entry.get("kind").asString(), entry.get("ground").asString());
            }
        }
        return places;
    }

    private Map<String, Object> rootsOn(String rootPlot, String bed) {
        return with(
                plantingOf(season.variety("beetroot"), season.plot(), "2026-06-25", 30),
                "season",
                2027,
                "liftedOn",
                "2026-11-05",
                "replantedOn",
                "2027-04-02",
                "rootPlotId",
                rootPlot,
                "rootStretches",
                whole(bed));
    }

    @Test
    void aBedHoldsTheRootsUntilTheyAreLifted() {
        String plot = season.plotAt(-4600, 1200);
        String bed = bed(plot, -4600, 1200);
        JsonNode kept = plant(rootsOn(plot, bed)).ok();
        assertThat(kept.get("rootsFrom").asString()).isEqualTo("2026-06-25");
        assertThat(kept.get("rootsTo").asString()).isEqualTo("2026-11-05");
        assertThat(places(2027, kept.get("id").asString()))
                .containsEntry("SOW", kept.get("rootGround").asString())
                .containsEntry("LIFT", kept.get("rootGround").asString())
                .containsEntry("CHECK_STORE", "store")
                .containsEntry("REPLANT", kept.get("ground").asString());

        Map<String, Object> lettuce =
                with(plantingOf(season.variety("lettuce"), plot, "2026-05-10", 20), "stretches", whole(bed));
        Client.Answer taken = plant(lettuce);
        assertThat(taken.field()).isEqualTo("stretches");
        assertThat(taken.detail()).contains("bed 1 holds", "until 5 Nov 2026");
        Client.Answer roots = plant(rootsOn(plot, bed));
        assertThat(roots.field()).isEqualTo("rootStretches");
        plant(with(lettuce, "season", 2027, "sownOn", "2027-03-20")).ok();
    }

    @Test
    void rootsCountForTheRestOfTheirFamily() {
        String plot = season.plotAt(-4600, 1300);
        String bed = bed(plot, -4600, 1300);
        plant(rootsOn(plot, bed)).ok();
        Map<String, Object> spinach = with(
                plantingOf(season.variety("spinach"), plot, "2027-03-20", 60), "season", 2027, "stretches", whole(bed));
        Client.Answer refused = plant(spinach);
        assertThat(refused.field()).isEqualTo("restOverruled");
        assertThat(refused.detail()).contains("in 2026, also of the Amaranthaceae");
        plant(with(spinach, "restOverruled", "the soil was found clean")).ok();
    }

    @Test
    void aPerennialStandsOnAndEachSeasonHasItsPlan() {
        String plot = season.plotAt(-4600, 1400);
        String bed = bed(plot, -4600, 1400);
        String fennel = season.variety("fennel");
        Map<String, Object> first =
                with(plantingOf(fennel, plot, "2024-04-20", 40), "season", 2025, "stretches", whole(bed));
        plant(first).ok();
        JsonNode second = plant(with(first, "season", 2026)).ok();
        assertThat(second.at("/bloom/first").asString()).startsWith("2026-");
        assertThat(work(2026, second.get("id").asString()))
                .contains("WALK", "PICK")
                .doesNotContain("SOW");

        Client.Answer twice = plant(with(first, "season", 2026));
        assertThat(twice.field()).as("one plan a season").isEqualTo("stretches");
        Client.Answer another = plant(with(
                plantingOf(season.variety("lettuce"), plot, "2025-04-20", 20),
                "season",
                2025,
                "stretches",
                whole(bed)));
        assertThat(another.detail()).contains("bed 1 holds");
    }

    @Test
    void aPerennialSownInItsSeasonBloomsAfterItIsSown() {
        String plot = season.plotAt(-4600, 1500);
        JsonNode fennel = plant(plantingOf(season.variety("fennel"), plot, "2026-05-20", 40))
                .ok();
        assertThat(fennel.at("/bloom/first").asString()).isGreaterThan("2026-06-20");
        JsonNode chives = plant(with(plantingOf(season.variety("chives"), plot, "2026-05-20", 40)))
                .ok();
        assertThat(chives.has("bloom")).as("it lacks its winter").isFalse();
        assertThat(chives.at("/cold/asked").asInt()).isPositive();
    }

    @Test
    void whatIsKeptByTubersIsGrownForStock() {
        String plot = season.plotAt(-4600, 1600);
        Map<String, Object> garlic = plantingOf(season.variety("garlic"), plot, "2025-10-10", 150);
        assertThat(plant(garlic).detail()).contains("kept by its tubers or bulbs");
        Map<String, Object> stock = with(garlic, "purpose", "PLANTING_STOCK");
        assertThat(plant(stock).field()).isEqualTo("clearedOn");
        JsonNode kept = plant(with(stock, "clearedOn", "2026-07-20")).ok();
        assertThat(kept.has("isolation")).isFalse();
        assertThat(kept.at("/stock/enough").asBoolean()).isTrue();
        assertThat(kept.at("/stock/days").asInt()).isEqualTo(82);
        assertThat(kept.at("/stock/putIn").asInt())
                .isGreaterThan(kept.at("/stock/wanted").asInt());
        assertThat(work(2026, kept.get("id").asString()))
                .containsSubsequence("PLANT", "WALK", "LIFT", "CHECK_STORE")
                .doesNotContain("SOW", "PICK");
        assertThat(plant(with(stock, "clearedOn", "2026-07-20", "sownOn", "2025-03-01"))
                        .field())
                .isEqualTo("sownOn");

        Map<String, Object> radish = with(
                plantingOf(season.variety("radish"), season.plot(), "2026-04-10", 100),
                "purpose",
                "PLANTING_STOCK",
                "clearedOn",
                "2026-07-20");
        assertThat(plant(radish).detail()).contains("kept by its seed");
    }
}
