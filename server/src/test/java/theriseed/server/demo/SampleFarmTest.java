package theriseed.server.demo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;
import static theriseed.server.Season.record;

import java.time.Duration;
import java.util.Map;
import javax.sql.DataSource;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import theriseed.server.Client;
import theriseed.server.EmptyFarm;
import theriseed.server.TestDatabase;
import tools.jackson.databind.JsonNode;

/** A made-up farm is looked into where one's own is to be, and leaves nothing behind. */
class SampleFarmTest {
    private static final String PASSWORD = "kqzvnwtrbdxj";
    private static final Duration LONGEST = Duration.ofMinutes(4);

    /** Locks of who makes a farm. */
    private static final String HELD = "select count(*)::int from pg_locks where locktype = 'advisory'"
            + " and database = (select oid from pg_database where datname = current_database())";

    private static String state(Client somebody) {
        return somebody.get("/api/first-run/sample").ok().get("state").asString();
    }

    @Test
    void itIsMadeLookedIntoAndThrownAwayForAFarmOfOnesOwn() {
        String database = TestDatabase.fresh();
        try (var app = EmptyFarm.start("farm", database)) {
            Client ann = new Client(app.getWebServer().getPort());
            ann.get("/api/session").ok();
            assertThat(ann.post("/api/first-run/sample", record("password", "sample"))
                            .field())
                    .isEqualTo("password");
            assertThat(state(ann)).isEqualTo("NONE");
            ann.post("/api/first-run/sample", record("password", PASSWORD)).ok();
            ann.post("/api/first-run/sample", record("password", "zzqkwvxjnrtb"))
                    .ok();
            assertThat(state(ann)).isEqualTo("MAKING");
            JdbcTemplate rows = new JdbcTemplate(app.getBean(DataSource.class));
            await().until(() -> rows.queryForObject(HELD, Integer.class) > 0);
            assertThat(ann.post("/api/first-run", EmptyFarm.FARM).status())
                    .as("while it is made no other is")
                    .isEqualTo(400);
            await().atMost(LONGEST).until(() -> state(ann).equals("THERE"));

            ann.post("/api/session", record("name", "grower", "password", PASSWORD))
                    .ok();
            JsonNode session = ann.get("/api/session").ok();
            assertThat(session.at("/farm/sample").asBoolean()).isTrue();
            assertThat(ann.get("/api/today").ok().get("tasks")).isNotEmpty();
            assertThat(ann.post("/api/first-run/sample", record("password", PASSWORD))
                            .detail())
                    .contains("first grower already");

            Client hand = new Client(app.getWebServer().getPort());
            hand.get("/api/session").ok();
            hand.post("/api/session", record("name", "hand", "password", PASSWORD))
                    .ok();
            hand.get("/api/session").ok();
            assertThat(hand.post("/api/farm/thrown-away", Map.of()).status()).isEqualTo(403);

            assertThat(ann.post("/api/farm/thrown-away", Map.of()).status()).isEqualTo(200);
            for (String table : rows.queryForList(
                    "select table_name from information_schema.tables where table_schema = 'public' and table_name"
                            + " not in ('flyway_schema_history', 'record_change', 'kept_answer')"
                            + " and table_name not like 'spring_session%'",
                    String.class)) {
                assertThat(rows.queryForObject("select count(*) from " + table, Integer.class))
                        .as(table)
                        .isZero();
            }

            Client own = new Client(app.getWebServer().getPort());
            assertThat(own.get("/api/session").ok().get("firstRun").asBoolean()).isTrue();
            own.post("/api/first-run", EmptyFarm.FARM).ok();
            own.get("/api/session").ok();
            assertThat(own.get("/api/today").ok().get("tasks")).isEmpty();
            assertThat(own.get("/api/session").ok().get("today").asString())
                    .as("its clock goes")
                    .isNotEqualTo("2026-08-14");
            assertThat(own.post("/api/farm/thrown-away", Map.of()).detail()).contains("no sample farm");
        }
        // A farm of one's own is started again; so would a sample be.
        EmptyFarm.start("farm", database).close();
    }
}
