package theriseed.server.recall;

import static org.assertj.core.api.Assertions.assertThat;
import static theriseed.server.Season.harvestOf;
import static theriseed.server.Season.record;
import static theriseed.server.Season.saleOf;
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
class RecallsTest {
    @LocalServerPort
    int port;

    Season season;
    String planting;

    @BeforeEach
    void season() {
        season = new Season(port);
        planting = season.planted("pea", "2026-03-20", 300);
        season.walked(planting, 300);
    }

    private String clean(Map<String, Object> pick) {
        String number = season.numbered(planting);
        season.grower.post("/api/lots/" + number + "/picks", pick).ok();
        season.cleaned(number, ((Number) pick.get("mass")).doubleValue());
        season.tested(number, 24.1, 23.9, 24.3, 24.0);
        return number;
    }

    private void sold(String number, String customer) {
        season.grower
                .post(
                        "/api/lots/" + number + "/sales",
                        with(saleOf(season.packed(number, 50, 5), 4), "customer", customer))
                .ok();
    }

    private String blended(String one, String other) {
        Map<String, Object> blend = record(
                "parts",
                List.of(record("number", one, "mass", 100), record("number", other, "mass", 300)),
                "pouredOn",
                "2026-08-03");
        String number =
                season.grower.post("/api/blends", blend).ok().get("number").asString();
        season.tested(number, 24.1, 23.9, 24.3, 24.0);
        return number;
    }

    @Test
    void fromOneMotherPlantToEveryoneWhoHasItsSeed() {
        String mother = clean(with(harvestOf(300, 1), "pickedFrom", "PLANT", "which", "plant 17"));
        String others = clean(harvestOf(6000, 250));
        String blend = blended(mother, others);
        String part = season.grower
                .post("/api/lots/" + blend + "/parts", record("masses", List.of(150), "pouredOn", "2026-08-14"))
                .ok()
                .at("/0/number")
                .asString();
        season.grower
                .post(
                        "/api/lots/" + mother + "/overrulings",
                        record(
                                "reason",
                                "TOO_FEW_MOTHERS",
                                "why",
                                "one plant, kept apart and sold as such",
                                "lawful",
                                true))
                .ok();
        sold(mother, "Croft, north");
        sold(blend, "Inn garden");
        sold(part, "=School plot");
        sold(others, "Nobody of these");

        JsonNode recall = season.grower.get("/api/lots/" + mother + "/recall").ok();
        assertThat(recall.get("below").findValuesAsString("number")).containsExactlyInAnyOrder(mother, blend, part);
        assertThat(recall.get("holders").findValuesAsString("customer"))
                .containsExactly("=School plot", "Croft, north", "Inn garden");
        assertThat(recall.at("/above/0/picks/0").asString()).isEqualTo("plant 17");
        String list = Client.as("grower", port)
                .get("/api/lots/" + mother + "/recall.csv")
                .text();
        assertThat(list.lines()).hasSize(4).first().isEqualTo("customer,lot,sold_on,packets,bulk_g");
        assertThat(list)
                .contains("\"Croft, north\"," + mother + ",2026-08-14,4,")
                .as("no spreadsheet runs a customer's name")
                .contains("'=School plot");

        JsonNode upward = season.grower.get("/api/lots/" + part + "/recall").ok();
        assertThat(upward.get("above").findValuesAsString("number"))
                .containsExactlyInAnyOrder(mother, others, blend, part);
        assertThat(upward.get("holders").findValuesAsString("customer")).containsExactly("=School plot");
    }
}
