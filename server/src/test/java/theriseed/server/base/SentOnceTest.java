package theriseed.server.base;

import static org.assertj.core.api.Assertions.assertThat;
import static theriseed.server.Season.record;
import static theriseed.server.Season.saleOf;
import static theriseed.server.Season.walkOf;
import static theriseed.server.Season.with;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.JdbcTemplate;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

/** What is sent again because its answer was lost. */
@DemoFarmTest
class SentOnceTest {
    @LocalServerPort
    int port;

    @Autowired
    JdbcTemplate database;

    Season season;
    Client grower;

    @BeforeEach
    void signIn() {
        season = new Season(port);
        grower = season.grower;
    }

    @Test
    void aSaleSentEightTimesAtOnceIsSoldOnce() throws Exception {
        String lot = season.sellable();
        String run = season.packed(lot, 25, 40);
        UUID id = UUID.randomUUID();
        ExecutorService eight = Executors.newFixedThreadPool(8);
        List<Future<Client.Answer>> answers = IntStream.range(0, 8)
                .mapToObj(i -> eight.submit(() -> grower.post(id, "/api/lots/" + lot + "/sales", saleOf(run, 10))))
                .toList();
        eight.shutdown();
        String first = answers.get(0).get().text();
        for (Future<Client.Answer> answer : answers) {
            assertThat(answer.get().status()).isEqualTo(200);
            assertThat(answer.get().text()).isEqualTo(first);
        }
        assertThat(database.queryForList(
                        "select packets from sale where packing_run_id = ?", Long.class, UUID.fromString(run)))
                .containsExactly(10L);
    }

    @Test
    void anotherContentUnderTheSameIdIsAClashThatShowsWhatIsKept() {
        UUID id = UUID.randomUUID();
        Map<String, Object> list = record("name", "Terms " + id, "share", 80);
        JsonNode kept = grower.post(id, "/api/price-lists", list).ok();
        Client.Answer other = grower.post(id, "/api/price-lists", with(list, "share", 70));
        assertThat(other.status()).isEqualTo(409);
        assertThat(other.json().get("current")).isEqualTo(kept);
        assertThat(grower.post(id, "/api/price-lists", list).ok()).isEqualTo(kept);
    }

    @Test
    void aWalkIsKeptUnderItsOwnIdWhateverElseIsSentUnderIt() {
        String planting = season.planted("pea", "2026-03-20", 300);
        String another = season.planted("pea", "2026-03-20", 300);
        Map<String, Object> walk = walkOf("flowering", 50, 0);
        JsonNode kept =
                grower.post("/api/plantings/" + planting + "/walks", walk).ok();
        assertThat(grower.post("/api/plantings/" + planting + "/walks", walk).ok())
                .isEqualTo(kept);
        for (Client.Answer clash : List.of(
                grower.post("/api/plantings/" + planting + "/walks", with(walk, "lookedAt", 70)),
                grower.post("/api/plantings/" + another + "/walks", walk))) {
            assertThat(clash.status()).isEqualTo(409);
            assertThat(clash.json().at("/current/lookedAt").asInt()).isEqualTo(50);
        }
        assertThat(database.queryForObject(
                        "select count(*) from walk where planting_id = ?", Long.class, UUID.fromString(another)))
                .isZero();
    }

    @Test
    void whenItWasSentAtLastIsNoOtherContent() {
        String planting = season.planted("pea", "2026-03-20", 300);
        Map<String, Object> walk = walkOf("flowering", 50, 0);
        JsonNode kept = grower.post(
                        "/api/plantings/" + planting + "/walks", with(walk, "made", made("10:00:00", 3_600_000)))
                .ok();
        assertThat(grower.post("/api/plantings/" + planting + "/walks", with(walk, "made", made("10:00:09", 3_609_000)))
                        .ok())
                .isEqualTo(kept);
    }

    private static Map<String, Object> made(String sentAt, long lived) {
        return record("madeAt", "2026-08-14T09:00:00Z", "sentAt", "2026-08-14T" + sentAt + "Z", "lived", lived);
    }

    @Test
    void whatWasRefusedLeavesItsIdFree() {
        UUID id = UUID.randomUUID();
        assertThat(grower.post(id, "/api/price-lists", record("name", "", "share", 80))
                        .status())
                .isEqualTo(400);
        grower.post(id, "/api/price-lists", record("name", "Terms " + id, "share", 80))
                .ok();
    }

    @Test
    void anIdThatAnotherUsedShowsNothingOfTheirs() {
        UUID id = UUID.randomUUID();
        Map<String, Object> list = record("name", "Terms " + id, "share", 80);
        grower.post(id, "/api/price-lists", list).ok();
        Client.Answer theirs = Client.as("hand", port).post(id, "/api/price-lists", list);
        assertThat(theirs.status()).isEqualTo(409);
        assertThat(theirs.json().has("current")).isFalse();
    }

    @Test
    void everyRequestThatMakesARecordNeedsAnId() {
        JsonNode described = grower.get("/api/openapi").ok().get("paths");
        List<String> without = described
                .propertyStream()
                .filter(path -> path.getValue().has("post"))
                .map(path ->
                        path.getKey().replaceAll("\\{[^}]*}", UUID.randomUUID().toString()))
                .filter(path -> !grower.postWithoutId(path, Map.of()).field().equals("Idempotency-Key"))
                .map(path -> path.replaceAll("[0-9a-f-]{36}", "*"))
                .toList();
        assertThat(without)
                .containsExactlyInAnyOrder(
                        "/api/session",
                        "/api/first-run",
                        "/api/first-run/sample",
                        "/api/session/entry",
                        "/api/session/entry/password",
                        "/api/instruments/scale",
                        "/api/backups/asked",
                        "/api/mail-server/tried",
                        "/api/blends/preview",
                        "/api/farm/preview",
                        "/api/lots/*/packing/plan",
                        "/api/lots/*/steps/preview",
                        "/api/mixes/plan",
                        "/api/plantings/preview",
                        "/api/plantings/*/tried",
                        "/api/seasons/*/ways-out/tried");
    }
}
