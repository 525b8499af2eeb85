package theriseed.server.mixup;

import static org.assertj.core.api.Assertions.assertThat;
import static theriseed.server.Season.record;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

@DemoFarmTest
class MixUpsTest {
    @LocalServerPort
    int port;

    Season season;
    Client grower;
    String one;
    String other;

    @BeforeEach
    void twoLots() {
        season = new Season(port);
        grower = season.grower;
        one = season.sellable();
        other = season.sellable();
    }

    private Client.Answer mixedUp(String with) {
        return Client.as("hand", port)
                .post(
                        "/api/lots/" + one + "/mix-ups",
                        record("other", with, "foundOn", "2026-08-14", "what", "two bowls, one label on the floor"));
    }

    private Client.Answer end(JsonNode mixUp, String ending) {
        return grower.put(
                "/api/mix-ups/" + mixUp.get("id").asString() + "/ended",
                record(
                        "ending",
                        ending,
                        "endedOn",
                        "2026-08-14",
                        "how",
                        "grown out beside each other",
                        "version",
                        mixUp.get("version").asInt()));
    }

    private String hold(String lot) {
        return season.lot(lot).at("/known/lot/hold/reason").asString();
    }

    @Test
    void oneEventNamesBothAndHoldsBoth() {
        JsonNode mixUp = mixedUp(other).ok();
        assertThat(hold(one)).contains(other, "two bowls");
        assertThat(hold(other)).contains(one, "two bowls");
        assertThat(grower.get("/api/lots/" + other + "/mix-ups")
                        .ok()
                        .at("/0/first")
                        .asString())
                .isEqualTo(one);
        end(mixUp, "TOLD_APART").ok();
        assertThat(hold(one)).isEmpty();
        assertThat(hold(other)).isEmpty();
        JsonNode ended = grower.get("/api/lots/" + one + "/mix-ups").ok().get(0);
        assertThat(ended.get("how").asString()).isEqualTo("grown out beside each other");
        assertThat(end(ended, "SAME").field()).as("it is over").isEqualTo("ending");
    }

    @Test
    void whatStaysUnknownIsForOwnUseFromThenOn() {
        JsonNode mixUp = mixedUp(other).ok();
        end(mixUp, "GRADED_DOWN").ok();
        for (String lot : new String[] {one, other}) {
            assertThat(season.lot(lot).at("/known/lot/grade").asString()).isEqualTo("OWN_USE");
            assertThat(hold(lot)).isEmpty();
        }
    }

    @Test
    void whatIsHeldForAnotherReasonStaysHeld() {
        grower.post("/api/lots/" + other + "/hold", record("reason", "weevils")).ok();
        JsonNode mixUp = mixedUp(other).ok();
        assertThat(hold(other)).isEqualTo("weevils");
        end(mixUp, "SAME").ok();
        assertThat(hold(one)).isEmpty();
        assertThat(hold(other)).isEqualTo("weevils");
    }

    @Test
    void aLotIsNotMixedUpWithItself() {
        assertThat(mixedUp(one).field()).isEqualTo("other");
        assertThat(end(mixedUp(other).ok(), "LOST").status()).isEqualTo(400);
        assertThat(Client.as("visitor", port)
                        .post(
                                "/api/lots/" + one + "/mix-ups",
                                record("other", other, "foundOn", "2026-08-14", "what", "x"))
                        .status())
                .isEqualTo(403);
    }
}
