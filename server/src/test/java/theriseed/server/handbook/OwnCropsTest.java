package theriseed.server.handbook;

import static org.assertj.core.api.Assertions.assertThat;
import static theriseed.server.Season.record;

import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

@DemoFarmTest
class OwnCropsTest {
    @LocalServerPort
    int port;

    Season season;
    Client grower;
    String name;

    @BeforeEach
    void grower() {
        season = new Season(port);
        grower = season.grower;
        name = "Strand pea " + System.nanoTime();
    }

    private JsonNode begun(Map<String, Object> cells) {
        return grower.post("/api/crops", record("like", "pea", "cells", Season.with(cells, "name", name)))
                .ok();
    }

    private static JsonNode cell(JsonNode crop, String column) {
        return crop.get("cells")
                .valueStream()
                .filter(one -> one.get("column").asString().equals(column))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void isUsedFromTheHandbookToTheLot() {
        JsonNode own = begun(record("flowering_days", "60", "species", "Pisum litorale"));
        String key = own.get("key").asString();
        assertThat(cell(own, "flowering_days").get("own").asString()).isEqualTo("60");
        assertThat(cell(own, "flowering_days").get("usual").asString()).isNotEqualTo("60");
        assertThat(cell(own, "in_row_cm").has("own")).as("as usual").isFalse();
        JsonNode page = grower.get("/api/crops/" + key).ok();
        assertThat(page.get("own").asBoolean()).isTrue();
        assertThat(page.get("crossesWith").findValuesAsString("key")).contains("pea");
        assertThat(grower.get("/api/crops/pea").ok().get("crossesWith").findValuesAsString("key"))
                .as("the other way too")
                .contains(key);
        String planting = season.planted(key, "2026-03-20", 200);
        JsonNode planted = grower.get("/api/plantings/" + planting).ok().get("planting");
        assertThat(planted.get("species").asString()).isEqualTo("Pisum litorale");
        assertThat(season.picked(planting, 4000, 180)).matches("26-\\d*[A-Z0-9]{3}-.*");
        assertThat(grower.get("/api/sheets/lots.csv").text()).contains("," + key + ",");
    }

    @Test
    void aFigureThatIsCorrectedChangesWhatIsJudgedWithIt() {
        String key = begun(record()).get("key").asString();
        String planting = season.planted(key, "2026-03-20", 200);
        String last = grower.get("/api/plantings/" + planting)
                .ok()
                .at("/planting/bloom/last")
                .asString();
        Map<String, Object> longer =
                record("cells", record("name", name, "flowering_days", "90"), "version", 0, "reason", "seen here");
        JsonNode corrected = grower.put("/api/crops/" + key + "/own", longer).ok();
        assertThat(corrected.get("version").asInt()).isEqualTo(1);
        assertThat(grower.get("/api/plantings/" + planting)
                        .ok()
                        .at("/planting/bloom/last")
                        .asString())
                .isGreaterThan(last);
        Client.Answer clash = grower.put("/api/crops/" + key + "/own", longer);
        assertThat(clash.status()).isEqualTo(409);
        assertThat(grower.get("/api/done?size=200").text()).contains("seen here");
    }

    @Test
    void whatCannotBeIsRefusedAndNothingIsBegun() {
        assertThat(grower.post("/api/crops", record("like", "pea", "cells", record("name", "Pea")))
                        .field())
                .isEqualTo("name");
        assertThat(grower.post("/api/crops", record("like", "no-such", "cells", record("name", name)))
                        .status())
                .isEqualTo(404);
        Client.Answer never = grower.post(
                "/api/crops", record("like", "pea", "cells", record("name", name, "flowering_days", "never")));
        assertThat(never.field()).isEqualTo("flowering_days");
        assertThat(grower.get("/api/crops?q=Strand pea".replace(" ", "%20")).text())
                .doesNotContain(name);
        assertThat(Client.as("hand", port)
                        .post("/api/crops", record("like", "pea", "cells", record("name", name)))
                        .status())
                .isEqualTo(403);
        assertThat(grower.get("/api/crops/pea/own").status()).isEqualTo(404);
    }
}
