package theriseed.server.base;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static theriseed.server.Season.record;
import static theriseed.server.Season.with;

import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.EmptyFarm;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

/** Two servers on one database are one truth: what one has written, the other shows and judges by at once. */
@DemoFarmTest
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class TwoServersTest {
    @LocalServerPort
    int port;

    @Value("${test.database}")
    String name;

    @Autowired
    JdbcTemplate database;

    @Autowired
    Upkeep upkeep;

    ServletWebServerApplicationContext second;
    Season season;
    Client one;
    Client other;

    @BeforeEach
    void both() {
        if (second == null) {
            second = EmptyFarm.start("demo", name, "--theriseed.backups=true");
        }
        season = new Season(port);
        one = season.grower;
        other = Client.as("grower", second.getWebServer().getPort());
    }

    @AfterAll
    void stop() {
        second.close();
    }

    private JsonNode planting(Client server, String id) {
        return server.get("/api/plantings/" + id).ok();
    }

    private static List<String> plan(Client server) {
        return server.get("/api/seasons/2026").ok().get("plantings").findValuesAsString("id");
    }

    @Test
    void aPlantingGivenUpOnOneIsGoneOnTheOtherWithItsThreat() {
        String plot = season.plot();
        String variety = season.variety("squash-maxima");
        String crop = one.post("/api/plantings", Season.plantingOf(variety, plot, "2026-05-01", 30))
                .ok()
                .get("id")
                .asString();
        String threat = one.post(
                        "/api/plantings", Season.plantingOf(season.variety("squash-maxima"), plot, "2026-05-01", 30))
                .ok()
                .get("id")
                .asString();
        assertThat(plan(other)).contains(crop, threat);
        assertThat(threats(other, crop)).contains(threat);
        one.post("/api/plantings/" + threat + "/given-up", record("version", 0, "reason", "no room", "givenUp", true))
                .ok();
        assertThat(threats(other, crop)).isEqualTo(threats(one, crop)).doesNotContain(threat);
    }

    private List<String> threats(Client server, String planting) {
        return planting(server, planting).at("/planting/isolation/threats").findValuesAsString("sourceId");
    }

    @Test
    void aCorrectionByHandInTheDatabaseIsSeenByBoth() {
        String planting = season.planted("pea", "2026-03-20", 300);
        assertThat(planting(one, planting).at("/planting/plants").asInt()).isEqualTo(300);
        assertThat(planting(other, planting).at("/planting/plants").asInt()).isEqualTo(300);
        database.update("update planting set plants = 250 where id = cast(? as uuid)", planting);
        assertThat(planting(one, planting).at("/planting/plants").asInt()).isEqualTo(250);
        assertThat(planting(other, planting).at("/planting/plants").asInt()).isEqualTo(250);
    }

    private static final String MADE =
            "insert into backup_event (at, what, good, file, said) values (?, 'MADE', true, 'farm.backup', '')";

    @Test
    void whereBackupsAreMadeTodaySaysThatTheLastIsOld() {
        Instant tooOld = Instant.now().minus(Duration.ofDays(4));
        database.update("delete from backup_event");
        database.update("update farm set recorded_at = ?", Timestamp.from(tooOld));
        assertThat(today(other).at("/backups").isObject()).as("never one").isTrue();
        assertThat(today(other).at("/backups/lastGood").isMissingNode()).isTrue();
        assertThat(today(one).has("backups")).as("none are made here").isFalse();
        database.update(MADE, Timestamp.from(tooOld));
        assertThat(LocalDateTime.parse(today(other).at("/backups/lastGood").asString()))
                .isCloseTo(LocalDateTime.ofInstant(tooOld, ZoneOffset.UTC), within(3, ChronoUnit.HOURS));
        Client visitor = Client.as("visitor", second.getWebServer().getPort());
        assertThat(today(visitor).has("backups")).isFalse();
        database.update(MADE, Timestamp.from(Instant.now()));
        assertThat(today(other).has("backups")).isFalse();
        database.update(
                "insert into backup_event (at, what, good, file, said) values (now(), 'TRIED', false, 'farm.backup', '')");
        assertThat(today(other).at("/backups/lastGood").isMissingNode())
                .as("put back on trial it was no good, nor is any before it")
                .isTrue();
        database.update(MADE, Timestamp.from(Instant.now().plusSeconds(1)));
        assertThat(today(other).has("backups")).isFalse();
        database.update(
                "insert into backup_plan values (gen_random_uuid(), 0, 24, 14, '/media/disk/theriseed-backups', ?, 'ann')",
                Timestamp.from(tooOld));
        assertThat(today(other).at("/backups/elsewhere").asBoolean())
                .as("none has reached the other disk")
                .isTrue();
    }

    private static JsonNode today(Client server) {
        return server.get("/api/today").ok();
    }

    @Test
    void aFigureOfTheFarmsOwnRulesOnBoth() {
        String planting = season.planted("pea", "2026-03-20", 300);
        JsonNode before = planting(other, planting).get("planting");
        assertThat(planting(one, planting).get("planting")).isEqualTo(before);
        one.put(
                        "/api/crops/pea/figures/FLOWERING_DAYS",
                        record("value", 43, "version", 0, "reason", "a test of our own"))
                .ok();
        assertThat(planting(other, planting).get("planting"))
                .isNotEqualTo(before)
                .isEqualTo(planting(one, planting).get("planting"));
    }

    @Test
    void groundMovedOnOneHasMovedOnTheOther() {
        String near = season.plotAt(-4000, -4000);
        String far = season.plotAt(-4000, 900);
        String crop = one.post(
                        "/api/plantings", Season.plantingOf(season.variety("squash-maxima"), near, "2026-05-01", 30))
                .ok()
                .get("id")
                .asString();
        one.post("/api/plantings", Season.plantingOf(season.variety("squash-maxima"), far, "2026-05-01", 30))
                .ok();
        assertThat(planting(other, crop).at("/planting/isolation/threats").size())
                .isZero();
        one.put(
                        "/api/plots/" + far,
                        with(
                                Season.plotOf("Moved here", -3940, -4000),
                                "changed",
                                Season.changed(0, "it was drawn in the wrong place")))
                .ok();
        assertThat(planting(other, crop).at("/planting/isolation/threats").size())
                .isPositive();
    }

    @Test
    void theGateAndTheCalendarOfBothSayTheSame() {
        String lot = season.sellable();
        assertThat(other.get("/api/lots/" + lot)
                        .ok()
                        .at("/known/gate/mayBeSold")
                        .asBoolean())
                .isTrue();
        one.post("/api/lots/" + lot + "/hold", record("reason", "a doubt")).ok();
        assertThat(other.get("/api/lots/" + lot)
                        .ok()
                        .at("/known/gate/mayBeSold")
                        .asBoolean())
                .isFalse();
        assertThat(other.get("/api/today").ok().get("tasks"))
                .isEqualTo(one.get("/api/today").ok().get("tasks"));
        assertThat(other.get("/api/calendar/2026").text())
                .isEqualTo(one.get("/api/calendar/2026").text());
    }

    @Test
    void aBackupPutBackUnderTheRunningServersIsSeenThoughItsCountersAreOld() {
        String planting = season.planted("pea", "2026-03-20", 300);
        List<Map<String, Object>> counters = database.queryForList("select kind, writes, at from record_change");
        assertThat(planting(other, planting).at("/planting/plants").asInt()).isEqualTo(300);
        database.update("update planting set plants = 200 where id = cast(? as uuid)", planting);
        assertThat(planting(other, planting).at("/planting/plants").asInt()).isEqualTo(200);
        database.update("update planting set plants = 300 where id = cast(? as uuid)", planting);
        database.update("delete from record_change");
        counters.forEach(row -> database.update(
                "insert into record_change values (?, ?, ?)", row.get("kind"), row.get("writes"), row.get("at")));
        assertThat(planting(other, planting).at("/planting/plants").asInt()).isEqualTo(300);
        database.update("update planting set plants = 150 where id = cast(? as uuid)", planting);
        assertThat(planting(other, planting).at("/planting/plants").asInt())
                .as("as many writes as the state that was put away had")
                .isEqualTo(150);
    }

    @Test
    void countsThatArePutTogetherStillAddUp() {
        String sum = "select sum(writes) from record_change";
        database.update("update record_change set at = at - interval '1 hour'");
        long before = database.queryForObject(sum, Long.class);
        upkeep.putAway();
        assertThat(database.queryForObject(sum, Long.class)).isEqualTo(before);
        assertThat(database.queryForList("select kind from record_change", String.class))
                .doesNotHaveDuplicates();
    }

    @Test
    void lotsNumberedByBothAtOnceHaveNumbersOfTheirOwn() throws Exception {
        List<String> plantings =
                List.of(season.planted("pea", "2026-03-20", 300), season.planted("pea", "2026-03-20", 300));
        ExecutorService eight = Executors.newFixedThreadPool(8);
        List<Future<String>> numbered = IntStream.range(0, 24)
                .mapToObj(i -> eight.submit(() -> (i % 2 == 0 ? one : other)
                        .post("/api/lots", record("plantingId", plantings.get(i / 2 % 2)))
                        .ok()
                        .get("number")
                        .asString()))
                .toList();
        eight.shutdown();
        Set<String> numbers = new TreeSet<>();
        for (Future<String> number : numbered) {
            numbers.add(number.get());
        }
        assertThat(numbers).hasSize(24);
    }

    @Test
    void everyTableOfRecordsIsWatched() {
        assertThat(database.queryForList(
                        "select table_name from information_schema.tables where table_schema = 'public'"
                                + " and table_type = 'BASE TABLE' except select event_object_table from"
                                + " information_schema.triggers where trigger_name = 'changes'",
                        String.class))
                .containsExactlyInAnyOrder(
                        "account",
                        "door_try",
                        "known_device",
                        "kept_answer",
                        "lot_kept",
                        "record_change",
                        "heading_known",
                        "number_aside",
                        "backup_event",
                        "morning_list",
                        "spring_session",
                        "spring_session_attributes",
                        "flyway_schema_history");
    }
}
