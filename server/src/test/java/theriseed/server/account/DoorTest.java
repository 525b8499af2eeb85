package theriseed.server.account;

import static org.assertj.core.api.Assertions.assertThat;
import static theriseed.server.Season.record;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.env.YamlPropertySourceLoader;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.core.io.ClassPathResource;
import org.springframework.jdbc.core.JdbcTemplate;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;

@DemoFarmTest
class DoorTest {
    @LocalServerPort
    int port;

    @org.springframework.beans.factory.annotation.Autowired
    JdbcTemplate database;

    @ParameterizedTest
    @ValueSource(
            strings = {"/api/today", "/api/lots", "/api/seasons/2026", "/api/crops", "/api/search?q=x", "/api/openapi"})
    void nobodyIsLetInUnknown(String path) {
        assertThat(new Client(port).get(path).status()).isEqualTo(401);
    }

    @Test
    void whatIsTheSameForAllComesWithoutCookiesPackedSmallAndKeptForAYear() {
        Client anybody = new Client(port);
        String start = anybody.get("/").text().replaceAll("(?s).*<script src=\"([^\"]+)\".*", "$1");
        assertThat(anybody.get("/").headers().allValues("Set-Cookie")).isEmpty();
        Client.Answer script = anybody.get(start, Map.of("Accept-Encoding", "br, gzip"));
        assertThat(script.headers().allValues("Set-Cookie")).isEmpty();
        assertThat(script.headers().firstValue("Content-Encoding")).contains("br");
        assertThat(script.headers().firstValue("Cache-Control").orElseThrow())
                .contains("max-age=31536000", "immutable");
        assertThat(anybody.get("/manifest.webmanifest").headers().firstValue("Content-Type"))
                .contains("application/manifest+json");
        assertThat(anybody.get("/api/session").headers().allValues("Set-Cookie"))
                .as("what is sent needs its token")
                .anyMatch(cookie -> cookie.startsWith("XSRF-TOKEN="));
    }

    @Test
    void aWrongPasswordSaysNothingOfWhichHalfWasWrong() {
        Client client = new Client(port);
        client.get("/api/session");
        Client.Answer wrongPassword =
                client.post("/api/session", Map.of("name", "visitor", "password", "not this one"));
        Client.Answer wrongName = client.post("/api/session", Map.of("name", "nobody", "password", "not this one"));
        assertThat(wrongPassword.status()).isEqualTo(401);
        assertThat(wrongPassword.detail()).isEqualTo(wrongName.detail()).contains("do not belong together");
    }

    @Test
    void sixtyWhoGuessAtOnceHaveFiveTries() throws Exception {
        Map<String, String> guess = Map.of("name", "guessed", "password", "wrong");
        ExecutorService sixty = Executors.newFixedThreadPool(60);
        List<Future<Client.Answer>> answers = IntStream.range(0, 60)
                .mapToObj(i -> sixty.submit(() -> {
                    Client guesser = new Client(port);
                    guesser.get("/api/session");
                    return guesser.post("/api/session", guess);
                }))
                .toList();
        sixty.shutdown();
        List<Integer> said = new ArrayList<>();
        for (Future<Client.Answer> answer : answers) {
            said.add(answer.get().status());
            if (answer.get().status() == 429) {
                assertThat(answer.get().detail()).matches("Too many tries. Wait \\d+ seconds, then try again.");
                assertThat(answer.get().headers().firstValue("Retry-After")).isPresent();
            }
        }
        assertThat(said).containsOnly(401, 429);
        assertThat(said).filteredOn(status -> status == 401).hasSize(Doorkeeper.FREE_TRIES);
        assertThat(Client.as("hand", port).signedIn()).as("another name").isTrue();
        database.update("delete from door_try");
    }

    @Test
    void nobodyKeepsOutWhoSignedInOnThisDeviceBefore() {
        Client hand = Client.as("hand", port);
        hand.delete("/api/session");
        Client guesser = new Client(port);
        guesser.get("/api/session");
        for (int i = 0; i < 40; i++) {
            guesser.post("/api/session", Map.of("name", i % 2 == 0 ? "hand" : "h" + i, "password", "wrong"));
        }
        Map<String, String> right = Map.of("name", "hand", "password", "skerrow-hand");
        assertThat(guesser.post("/api/session", right).status())
                .as("where it was guessed")
                .isEqualTo(429);
        hand.get("/api/session");
        hand.post("/api/session", right).ok();
        database.update("delete from door_try");
    }

    @Test
    void triesThatAWrongClockDatedAfterNowDoNotCount() {
        for (int i = 0; i < 40; i++) {
            database.update(
                    "insert into door_try values (gen_random_uuid(), 'hand', '127.0.0.1', now() + interval '1 day')");
        }
        assertThat(Client.as("hand", port).signedIn()).isTrue();
        assertThat(database.queryForObject("select count(*) from door_try", Long.class))
                .isZero();
    }

    @Test
    void aProxyOnThisMachineSaysWhomItSpeaksForAndWhetherOverHttps() {
        Map<String, String> behind = Map.of("X-Forwarded-For", "203.0.113.7", "X-Forwarded-Proto", "https");
        Client.Answer answer = new Client(port).get("/today", behind);
        assertThat(answer.headers().firstValue("Strict-Transport-Security")).isPresent();
        assertThat(new Client(port).get("/api/session", behind).headers().allValues("Set-Cookie"))
                .isNotEmpty()
                .allSatisfy(cookie -> assertThat(cookie).contains("Secure"));
        assertThat(new Client(port).get("/today").headers().firstValue("Strict-Transport-Security"))
                .isEmpty();
    }

    @Test
    void nobodyIsAnsweredWhoAsksForAnotherName() {
        Client.Answer other = new Client(port).get("/today", Map.of("X-Forwarded-Host", "elsewhere.example"));
        assertThat(other.status()).isEqualTo(421);
        assertThat(other.detail()).contains("THERISEED_HOSTS");
    }

    @Test
    void theTokenAgainstForgedRequestsIsAnotherAfterSigningIn() {
        Client client = new Client(port);
        client.get("/api/session");
        String before = client.cookie("XSRF-TOKEN");
        client.post("/api/session", Map.of("name", "hand", "password", "skerrow-hand"))
                .ok();
        assertThat(client.cookie("XSRF-TOKEN")).isNotEmpty().isNotEqualTo(before);
    }

    @Test
    void aNameIsOneHoweverItsLettersAreWritten() {
        Client client = new Client(port);
        client.get("/api/session");
        assertThat(client.post("/api/session", Map.of("name", "V\u0131S\u0130TOR", "password", "skerrow-visitor"))
                        .ok()
                        .at("/account/name")
                        .asString())
                .isEqualTo("visitor");
        assertThat(Names.folded("Ho\ufb01")).isEqualTo("hofi");
    }

    @Test
    void fileOfWhoMayNotSendOneIsNotRead() {
        Client visitor = Client.as("visitor", port);
        for (String path : List.of("/api/sheets/lots?keep=false", "/api/ground/file?keep=false")) {
            assertThat(visitor.post(path, new byte[25_000_000]).status())
                    .as(path)
                    .isEqualTo(403);
        }
        assertThat(visitor.put("/api/farm/copy", new byte[25_000_000]).status()).isEqualTo(403);
    }

    @Test
    void whatTheWebServerRefusesIsSaidPlainlyToo() {
        Client.Answer answer = new Client(port).get("/api/search?q=" + "x".repeat(20_000));
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.text()).doesNotContain("<").contains("detail");
    }

    @Test
    void aChangeWithoutTheTokenIsRefused() {
        Client grower = Client.as("grower", port);
        assertThat(grower.forged("/api/varieties", Season.varietyOf("pea")).status())
                .isEqualTo(403);
    }

    @Test
    void signingInChangesTheSessionAndSigningOutEndsIt() {
        Client client = Client.as("hand", port);
        String before = client.cookie("theriseed");
        client.post("/api/session", Map.of("name", "hand", "password", "skerrow-hand"))
                .ok();
        assertThat(client.cookie("theriseed")).isNotEmpty().isNotEqualTo(before);
        assertThat(client.delete("/api/session").status()).isEqualTo(204);
        assertThat(client.get("/api/today").status()).isEqualTo(401);
    }

    @Test
    void cookiesAndHeadersAreStrict() {
        Client client = new Client(port);
        client.get("/api/session");
        Client.Answer signedIn = client.post("/api/session", Map.of("name", "hand", "password", "skerrow-hand"));
        assertThat(signedIn.headers().allValues("Set-Cookie"))
                .anySatisfy(
                        cookie -> assertThat(cookie).startsWith("theriseed=").contains("HttpOnly", "SameSite=Strict"));
        String policy = client.get("/today")
                .headers()
                .firstValue("Content-Security-Policy")
                .orElse("");
        assertThat(policy)
                .contains("default-src 'none'", "script-src 'self';", "frame-ancestors 'none'")
                .doesNotContain("unsafe-inline", "unsafe-eval", "http:");
    }

    @Test
    void passwordsAreKeptOnlyAsAHashAsStrongAsIsAskedFor(@Value("${theriseed.password-strength}") int strengthOfTests) {
        List<String> hashes = database.queryForList("select password_hash from account", String.class);
        assertThat(hashes)
                .hasSizeGreaterThanOrEqualTo(3)
                .allSatisfy(hash -> assertThat(hash).startsWith("$2a$0" + strengthOfTests + "$"));
    }

    @Test
    void onAFarmTheHashIsStrong() throws IOException {
        int strength = (int) new YamlPropertySourceLoader()
                .load("shipped", new ClassPathResource("application.yaml"))
                .get(0)
                .getProperty("theriseed.password-strength");
        assertThat(new Security().passwords(strength).encode("long enough to keep"))
                .startsWith("$2a$12$");
    }

    @ParameterizedTest(name = "{0} {1} {2}")
    @CsvSource({
        "visitor, plots, 403",
        "visitor, varieties, 403",
        "visitor, walks, 403",
        "visitor, lots, 403",
        "visitor, hold, 403",
        "visitor, steps, 403",
        "visitor, germination, 403",
        "visitor, packing, 403",
        "visitor, sales, 403",
        "hand, plots, 403",
        "hand, varieties, 403",
        "hand, release, 403",
        "hand, sales, 403",
        "hand, plantings, 403",
        "hand, hold, 200",
        "hand, walks, 200"
    })
    void eachRoleDoesItsOwnWork(String role, String act, int status) {
        Season season = new Season(port);
        String planting = season.planted("pea", "2026-03-20", 300);
        String number = season.picked(planting, 9000, 290);
        Client client = Client.as(role, port);
        Client.Answer answer = switch (act) {
            case "plots" -> client.post("/api/plots", Season.plotOf("x", 1, 1));
            case "varieties" -> client.post("/api/varieties", Season.varietyOf("pea"));
            case "plantings" -> client.post("/api/plantings", Season.plantingOf(planting, planting, "2026-03-20", 10));
            case "walks" -> client.post("/api/plantings/" + planting + "/walks", Season.walkOf("flowering", 10, 0));
            case "lots" -> client.post("/api/lots", record("plantingId", planting));
            case "hold", "release" -> client.post("/api/lots/" + number + "/" + act, record("reason", "looked odd"));
            case "steps" -> client.post("/api/lots/" + number + "/steps", Season.stepOf("DRY", 9000, 8000));
            case "germination" ->
                client.post("/api/lots/" + number + "/germination", Season.germinationOf(90, 90, 90, 90));
            case "packing" -> client.post("/api/lots/" + number + "/packing", Season.packingOf(100, 1));
            default -> client.post("/api/lots/" + number + "/sales", Season.saleOf(planting, 1));
        };
        assertThat(answer.status()).as(answer.text()).isEqualTo(status);
        if (status == 403) {
            assertThat(answer.detail()).isEqualTo("This is not for your role: ask the farm’s grower.");
        }
    }

    @Test
    void everyRoleMayLook() {
        Client visitor = Client.as("visitor", port);
        for (String path : List.of("/api/today", "/api/lots", "/api/bench", "/api/seasons/2026", "/api/stocked")) {
            assertThat(visitor.get(path).status()).as(path).isEqualTo(200);
        }
    }

    @Test
    void whoOnlyLooksSeesNoCustomersNoSalesAndNoMoney() {
        Season season = new Season(port);
        String lot = season.sellable();
        String run = season.packed(lot, 25, 40);
        season.grower.post("/api/lots/" + lot + "/sales", Season.saleOf(run, 4)).ok();
        Client visitor = Client.as("visitor", port);
        for (String path : List.of(
                "/api/sales",
                "/api/customers",
                "/api/price-lists",
                "/api/orders",
                "/api/stall-days",
                "/api/stock-takings",
                "/api/money",
                "/api/lots/" + lot + "/money",
                "/api/lots/" + lot + "/family",
                "/api/lots/" + lot + "/holders",
                "/api/lots/" + lot + "/recall.csv",
                "/api/sheets/customers.csv")) {
            assertThat(visitor.get(path).status()).as(path).isEqualTo(403);
        }
        assertThat(season.lot(lot).get("sales").size()).isEqualTo(1);
        assertThat(visitor.get("/api/lots/" + lot).ok().get("sales").size()).isZero();
        assertThat(visitor.get("/api/today").text()
                        + visitor.get("/api/lots/" + lot).text())
                .doesNotContain("Market, test");
    }

    @Test
    void unitsThemeAndCountryAreKeptForEachPerson() {
        Client hand = Client.as("hand", port);
        hand.put("/api/session/preferences", Map.of("units", "US", "theme", "LAMP", "locale", "en-US"))
                .ok();
        assertThat(Client.as("hand", port)
                        .get("/api/session")
                        .ok()
                        .at("/account")
                        .toString())
                .contains("\"units\":\"US\"", "\"theme\":\"LAMP\"", "\"locale\":\"en-US\"");
        assertThat(Client.as("visitor", port)
                        .get("/api/session")
                        .ok()
                        .at("/account")
                        .toString())
                .contains("\"units\":\"METRIC\"", "\"theme\":\"SYSTEM\"", "\"locale\":\"en-GB\"");
        Client.Answer refused =
                hand.put("/api/session/preferences", Map.of("units", "US", "theme", "LAMP", "locale", "xx-XX"));
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.field()).isEqualTo("locale");
        hand.put("/api/session/preferences", Map.of("units", "METRIC", "theme", "DAYLIGHT", "locale", "en-GB"))
                .ok();
    }
}
