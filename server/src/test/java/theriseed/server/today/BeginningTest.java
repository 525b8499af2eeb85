package theriseed.server.today;

import static org.assertj.core.api.Assertions.assertThat;
import static theriseed.server.Season.record;
import static theriseed.server.Season.with;

import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import org.junit.jupiter.api.Test;
import theriseed.server.Client;
import theriseed.server.EmptyFarm;
import theriseed.server.Season;
import theriseed.server.TestDatabase;
import tools.jackson.databind.JsonNode;

class BeginningTest {
    private static List<String> done(Client grower) {
        return grower.get("/api/first-lot")
                .ok()
                .get("done")
                .valueStream()
                .map(JsonNode::asString)
                .toList();
    }

    @Test
    void anEmptyFarmIsLedUntilItsFirstLotIsTested() {
        String database = TestDatabase.fresh();
        try (var app = EmptyFarm.start("farm", database)) {
            Client grower = new Client(app.getWebServer().getPort());
            grower.get("/api/session").ok();
            grower.post("/api/first-run", EmptyFarm.FARM).ok();
            assertThat(done(grower)).isEmpty();
            assertThat(grower.get("/api/first-lot").ok().get("over").asBoolean())
                    .isFalse();
            String variety = grower.post("/api/varieties", Season.varietyOf("tomato"))
                    .ok()
                    .get("id")
                    .asString();
            assertThat(done(grower)).containsExactly("VARIETY");
            assertThat(grower.get("/api/first-lot").ok().at("/variety/id").asString())
                    .isEqualTo(variety);
            String plot = grower.post("/api/plots", Season.plotOf("North", 0, 0))
                    .ok()
                    .get("id")
                    .asString();
            int year = LocalDate.now(ZoneOffset.UTC).getYear();
            String planting = grower.post(
                            "/api/plantings",
                            with(Season.plantingOf(variety, plot, year + "-03-12", 24), "season", year))
                    .ok()
                    .get("id")
                    .asString();
            JsonNode planted = grower.get("/api/first-lot").ok();
            assertThat(done(grower)).containsExactly("GROUND", "VARIETY", "PLANTING");
            assertThat(planted.at("/planting/id").asString()).isEqualTo(planting);
            assertThat(planted.get("walkFrom").asString()).startsWith(year + "-0");
            assertThat(planted.get("pickFrom").asString())
                    .isGreaterThan(planted.get("walkFrom").asString());
            String number = grower.post("/api/lots", record("plantingId", planting))
                    .ok()
                    .get("number")
                    .asString();
            assertThat(grower.get("/api/first-lot").ok().get("lot").asString()).isEqualTo(number);
            assertThat(done(grower)).as("numbered is not picked").hasSize(3);
        }
    }
}
