package theriseed.server.gate;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import theriseed.core.lot.SaleGate;
import theriseed.server.Client;
import theriseed.server.EmptyFarm;
import theriseed.server.TestDatabase;
import tools.jackson.databind.JsonNode;

/**
 * A farm that was kept by the version before findings were kept as figures: the demo farm, on which everything that may be
 * overruled was overruled through that version's own pages.
 */
class FarmOfAnEarlierVersionTest {
    static ServletWebServerApplicationContext app;
    static Client grower;

    @BeforeAll
    static void start() {
        app = EmptyFarm.start("demo", TestDatabase.ofSchema27());
        grower = Client.as("grower", app.getWebServer().getPort());
    }

    @AfterAll
    static void stop() {
        app.close();
    }

    private static List<JsonNode> lots() {
        List<JsonNode> lots = new ArrayList<>();
        grower.get("/api/seed-room?size=100&gone=true").ok().at("/lots/items").forEach(lots::add);
        return lots;
    }

    @Test
    void whatWasOverruledStaysOverruled() {
        Set<String> carried = new HashSet<>();
        for (JsonNode lot : lots()) {
            for (JsonNode one : lot.at("/gate/against")) {
                if (one.get("mayBeOverruled").asBoolean() && !withdrawn(lot, one) && !judgedAnew(one)) {
                    assertThat(one.has("overruled")).as(one.toString()).isTrue();
                    carried.add(one.get("reason").asString());
                }
            }
        }
        assertThat(carried)
                .containsExactlyInAnyOrder(
                        "ISOLATION_FAILED",
                        "TOO_FEW_MOTHERS",
                        "NOT_WALKED",
                        "NOT_DRY",
                        "SEED_WEIGHT_UNKNOWN",
                        "SEED_WEIGHT_UNEVEN",
                        "UNTESTED",
                        "REPLICATES_DISAGREE",
                        "TOO_FEW_TESTED",
                        "TEST_RUN_OUT",
                        "BELOW_STANDARD")
                .hasSize((int) List.of(SaleGate.Reason.values()).stream()
                        .filter(SaleGate.Reason::mayBeOverruled)
                        .filter(reason -> !judgedAnew(reason))
                        .count());
    }

    /**
     * That version counted what was pulled as standing, and nothing as overlooked: off-types are judged anew. Whether weevils
     * lived on, how pure seed is, how dry where nobody measured it, and how fast damp seed ages it did not ask.
     */
    private static boolean judgedAnew(JsonNode one) {
        return one.at("/finding/kind").asString().equals("AgesTooFast")
                || judgedAnew(SaleGate.Reason.valueOf(one.get("reason").asString()));
    }

    private static boolean judgedAnew(SaleGate.Reason reason) {
        return reason.name().startsWith("OFF_TYPES")
                || reason == SaleGate.Reason.SECOND_LOOK
                || reason == SaleGate.Reason.NOT_PURE
                || reason == SaleGate.Reason.DRYNESS_UNKNOWN
                || reason == SaleGate.Reason.HEATED;
    }

    private static boolean withdrawn(JsonNode lot, JsonNode one) {
        return lot.at("/lot/number").asString().equals("25-BEE-02-S")
                && one.get("reason").asString().equals("TOO_FEW_MOTHERS");
    }

    @Test
    void whatWasWithdrawnStaysWithdrawnAndSaysWhatItWas() {
        JsonNode beets = grower.get("/api/lots/25-BEE-02-S").ok();
        assertThat(beets.at("/known/gate/reasons").toString()).contains("\"TOO_FEW_MOTHERS\"");
        JsonNode kept = beets.get("overrulings")
                .valueStream()
                .filter(one -> one.has("withdrawnAt"))
                .findFirst()
                .orElseThrow();
        assertThat(kept.at("/finding/kind").asString()).isEqualTo("TooFewMothers");
        assertThat(kept.at("/finding/plants").asInt()).isEqualTo(31);
        assertThat(kept.at("/finding/grade").asString()).isEqualTo("MARKET");
        assertThat(kept.at("/finding/needed").asInt()).isEqualTo(60);
        assertThat(kept.get("withdrawnWhy").asString()).isEqualTo("more plants were found in the book");
    }

    @Test
    void whoeverHadNotSaidReadsAsBefore() {
        assertThat(grower.get("/api/session").ok().at("/account/locale").asString())
                .isEqualTo("en-GB");
    }
}
