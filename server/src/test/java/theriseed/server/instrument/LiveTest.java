package theriseed.server.instrument;

import static org.assertj.core.api.Assertions.assertThat;
import static theriseed.server.Season.record;

import jakarta.persistence.EntityManagerFactory;
import org.hibernate.SessionFactory;
import org.hibernate.stat.Statistics;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import tools.jackson.databind.JsonNode;

/** The demo's clock stands at 14 August 2026, 07:10. */
@DemoFarmTest
class LiveTest {
    @LocalServerPort
    int port;

    @Autowired
    EntityManagerFactory database;

    Client grower;

    @BeforeEach
    void signIn() {
        grower = Client.as("grower", port);
    }

    @AfterEach
    void empty() {
        grower.post("/api/instruments/scale", record("load", 0, "plugged", true))
                .ok();
    }

    private static JsonNode of(JsonNode shown, String kind) {
        for (JsonNode one : shown) {
            if (one.get("kind").asString().equals(kind)) {
                return one;
            }
        }
        throw new AssertionError("nothing shows " + kind);
    }

    @Test
    void everyInstrumentSaysThatItIsAStandIn() {
        JsonNode shown = grower.get("/api/instruments").ok();
        assertThat(shown.findValuesAsString("kind")).containsExactly("SCALE", "MASH", "AIR", "HUMIDITY");
        assertThat(shown.findValuesAsString("name")).allMatch(name -> name.startsWith("simulated"));
        assertThat(of(shown, "AIR").get("value").asDouble()).isBetween(5.0, 30.0);
        assertThat(of(shown, "HUMIDITY").get("value").asDouble()).isBetween(20.0, 100.0);
        assertThat(of(shown, "MASH").get("value").asDouble())
                .as("early in the morning a mash is warmer than the shed")
                .isGreaterThan(of(shown, "AIR").get("value").asDouble());
    }

    @Test
    void anUnpluggedScaleIsNotHeardByAnybody() {
        JsonNode unplugged =
                grower.post("/api/instruments/scale", record("plugged", false)).ok();
        assertThat(of(unplugged, "SCALE").has("value")).isFalse();
        assertThat(of(grower.get("/api/instruments").ok(), "SCALE")
                        .get("steady")
                        .asBoolean())
                .isFalse();
    }

    @Test
    void moreThanItCarriesIsRefusedAndWhoMayOnlyLookPutsNothingOnIt() {
        assertThat(grower.post("/api/instruments/scale", record("load", 30_001)).field())
                .isEqualTo("load");
        assertThat(grower.post("/api/instruments/scale", record("load", -1)).field())
                .isEqualTo("load");
        Client visitor = Client.as("visitor", port);
        assertThat(visitor.post("/api/instruments/scale", record("load", 5)).status())
                .isEqualTo(403);
        assertThat(visitor.get("/api/instruments").status()).isEqualTo(200);
        assertThat(new Client(port).get("/api/instruments/live").status()).isEqualTo(401);
    }

    @Test
    void lookingWritesNothing() {
        Statistics statistics = database.unwrap(SessionFactory.class).getStatistics();
        grower.get("/api/instruments").ok();
        statistics.clear();
        for (int i = 0; i < 20; i++) {
            grower.get("/api/instruments").ok();
        }
        assertThat(statistics.getEntityInsertCount() + statistics.getEntityUpdateCount())
                .isZero();
    }
}
