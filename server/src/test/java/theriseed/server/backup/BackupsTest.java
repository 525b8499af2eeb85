package theriseed.server.backup;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.sql.DataSource;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;
import theriseed.server.Client;
import theriseed.server.EmptyFarm;
import theriseed.server.Season;
import theriseed.server.TestDatabase;
import tools.jackson.databind.JsonNode;

/** A farm whose backups are made where its program was started. */
class BackupsTest {
    @TempDir
    static Path home;

    static ServletWebServerApplicationContext app;
    static Client grower;
    static JdbcTemplate database;

    @BeforeAll
    static void start() throws IOException {
        Files.createDirectory(home.resolve("asked"));
        app = EmptyFarm.start("farm", TestDatabase.fresh(), "--theriseed.backups=true", "--theriseed.home=" + home);
        grower = new Client(app.getWebServer().getPort());
        grower.get("/api/session");
        grower.post("/api/first-run", EmptyFarm.FARM).ok();
        grower.get("/api/session");
        database = new JdbcTemplate(app.getBean(DataSource.class));
    }

    @AfterAll
    static void stop() {
        app.close();
    }

    private static Client.Answer plan(int everyHours, int keep, String elsewhere) {
        int version = grower.get("/api/backups").ok().get("version").asInt();
        return grower.put(
                "/api/backups",
                Season.record(
                        "everyHours", everyHours,
                        "keep", keep,
                        "elsewhere", elsewhere,
                        "version", version,
                        "reason", "as it is from now on"));
    }

    @Test
    void howTheyAreMadeIsSaidAndWhatItWasStays() {
        JsonNode usual = grower.get("/api/backups").ok();
        assertThat(usual.at("/plan/keep").asInt()).isPositive();
        plan(12, 30, " /media/disk/theriseed-backups ").ok();
        JsonNode now = plan(6, 30, "/media/disk/theriseed-backups").ok();
        assertThat(now.at("/plan/everyHours").asInt()).isEqualTo(6);
        assertThat(now.at("/plan/elsewhere").asString()).isEqualTo("/media/disk/theriseed-backups");
        assertThat(database.queryForList(
                        "select field || ': ' || was || ', ' || became from correction where subject = 'backup_plan'",
                        String.class))
                .contains("everyHours: 12, 6");
        assertThat(database.queryForObject(
                        "select every_hours || ' ' || keep || ' ' || elsewhere from backup_plan", String.class))
                .as("as bin/backup reads it")
                .isEqualTo("6 30 /media/disk/theriseed-backups");
    }

    @ParameterizedTest
    @CsvSource({
        "0, 14, '', everyHours",
        "169, 14, '', everyHours",
        "24, 1, '', keep",
        "24, 366, '', keep",
        "24, 14, /etc/cron.d, elsewhere",
        "24, 14, theriseed-backups, elsewhere",
        "24, 14, /media/../etc/theriseed-backups, elsewhere",
        "24, 14, /media/theriseed-backups/x, elsewhere"
    })
    void nonsenseIsRefusedByItsField(int everyHours, int keep, String elsewhere, String field) {
        Client.Answer refused = plan(everyHours, keep, elsewhere);
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.field()).isEqualTo(field);
    }

    @Test
    void oneIsAskedForAndWhatCameOfItIsShown() throws IOException {
        assertThat(grower.post("/api/backups/asked", Season.record())
                        .ok()
                        .get("asked")
                        .asBoolean())
                .isTrue();
        assertThat(grower.post("/api/backups/asked", Season.record()).status())
                .as("asked for again before it began")
                .isEqualTo(200);
        Files.delete(home.resolve("asked/backup"));
        database.update(
                "insert into backup_event values (now(), 'ELSEWHERE', false, 'farm.backup', null, 3, 'No space left')");
        JsonNode told = grower.get("/api/backups").ok();
        assertThat(told.get("asked").asBoolean()).isFalse();
        assertThat(told.at("/events/0/what").asString()).isEqualTo("ELSEWHERE");
        assertThat(told.at("/events/0/good").asBoolean()).isFalse();
        assertThat(told.at("/events/0/said").asString()).isEqualTo("No space left");
    }
}
