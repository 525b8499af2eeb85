package theriseed.server.demo;

import static org.assertj.core.api.Assertions.assertThat;
import static theriseed.server.Season.kindOf;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import tools.jackson.databind.JsonNode;

/** The trouble the demo farm is in at its bench and in its store is found, not told. */
@DemoFarmTest
class TroublesTest {
    @LocalServerPort
    int port;

    Client grower;

    @BeforeEach
    void signIn() {
        grower = Client.as("grower", port);
    }

    /** The demo farm's only lot of a variety and season that the tests do not add to. */
    private JsonNode lot(String variety, int season) {
        for (int page = 0; ; page++) {
            JsonNode lots = grower.get("/api/lots?size=200&page=" + page).ok();
            for (JsonNode shelved : lots.get("items")) {
                JsonNode known = shelved.get("known");
                if (known.at("/planting/variety/name").asString().equals(variety)
                        && known.at("/lot/season").asInt() == season) {
                    return known;
                }
            }
            assertThat(page + 1)
                    .as("no lot of " + variety)
                    .isLessThan(lots.get("pages").asInt());
        }
    }

    private JsonNode task(JsonNode lot, String kind) {
        for (JsonNode task : grower.get("/api/today").ok().get("tasks")) {
            if (task.has("lot")
                    && task.get("lot").asString().equals(lot.at("/lot/number").asString())
                    && kindOf(task).equals(kind)) {
                return task;
            }
        }
        throw new AssertionError("nothing of the kind " + kind + " waits for " + lot.at("/lot/number"));
    }

    @Test
    void aFermentRunningWarmIsNearlyOver() {
        JsonNode lot = lot("Small Hours", 2026);
        JsonNode ferment = lot.at("/bench/underWay/ferment");
        assertThat(ferment.get("state").asString()).isEqualTo("READY");
        assertThat(ferment.get("equivalentHours").asDouble()).isBetween(85.0, 96.0);
        assertThat(task(lot, "Rinse").get("urgent").asBoolean()).isTrue();
    }

    @Test
    void aTrayCannotGetDryInDampAir() {
        JsonNode lot = lot("Rope Green", 2026);
        JsonNode drying = lot.at("/bench/underWay/drying");
        assertThat(drying.get("reachable").asBoolean()).isFalse();
        assertThat(drying.get("rewetted").asBoolean()).isTrue();
        assertThat(drying.get("gel").asDouble()).isPositive();
        assertThat(task(lot, "TrayRewetted").get("urgent").asBoolean()).isTrue();
    }

    @Test
    void aScreenLostMoreThanAScaleExplains() {
        assertThat(lot("Skerrow Early Row", 2026).at("/bench/steps").findValuesAsString("alarm"))
                .contains("true");
    }

    @Test
    void weevilsAreLookedForAgain() {
        JsonNode beans = lot("Anvern Speckle", 2025);
        assertThat(beans.at("/weevils/next").asString()).isEqualTo("LOOK_AGAIN");
        assertThat(beans.at("/gate/reasons").toString()).contains("ON_HOLD");
    }

    @Test
    void testsThatDisagreeOrFallShortHoldLotsBack() {
        assertThat(lot("Tidewrack", 2025).at("/gate/reasons").toString()).contains("REPLICATES_DISAGREE");
        assertThat(lot("Brine", 2025).at("/gate/reasons").toString()).contains("BELOW_STANDARD");
        assertThat(lot("Lamplighter", 2025).at("/gate/reasons").toString()).contains("ON_HOLD");
        assertThat(lot("Gale Warden", 2024).at("/gate/reasons").toString()).contains("TEST_RUN_OUT");
    }

    @Test
    void anOrderIsLargerThanTheStock() {
        JsonNode orders = grower.get("/api/orders").ok().get("items");
        assertThat(orders.findValuesAsString("state")).contains("SHORT", "READY");
        assertThat(orders.toString()).contains("for the autumn list");
    }
}
