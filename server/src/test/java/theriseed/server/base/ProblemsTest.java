package theriseed.server.base;

import static org.assertj.core.api.Assertions.assertThat;
import static theriseed.server.Season.record;

import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import theriseed.server.TestDatabase;
import tools.jackson.databind.json.JsonMapper;

@DemoFarmTest
class ProblemsTest {
    @LocalServerPort
    int port;

    @Value("${test.database}")
    String name;

    Client grower;

    @BeforeEach
    void signIn() {
        grower = new Season(port).grower;
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{\"cropKey\":\"pea\"}|name",
                "{\"name\":\"\",\"cropKey\":\"pea\",\"source\":\"x\",\"yearReceived\":2024,\"treated\":false,\"hybrid\":false,\"breedingOut\":false}|name",
                "{\"name\":\"x\",\"cropKey\":\"pea\",\"source\":\"x\",\"yearReceived\":\"last\",\"treated\":false,\"hybrid\":false,\"breedingOut\":false}|yearReceived",
                "{\"name\":\"x\",\"cropKey\":\"pea\",\"source\":\"x\",\"yearReceived\":2024,\"treated\":\"perhaps\",\"hybrid\":false,\"breedingOut\":false}|treated",
                "{\"name\":\"x\",\"cropKey\":\"pea\",\"source\":\"x\",\"yearReceived\":2031,\"treated\":false,\"hybrid\":false,\"breedingOut\":false,\"trueToType\":{\"leaf\":\"\",\"habit\":\"\",\"colour\":\"\",\"maturity\":\"\",\"root\":\"\",\"fruit\":\"\"}}|yearReceived"
            })
    void aRefusalNamesItsField(String sent, String field) {
        Client.Answer answer = grower.post("/api/varieties", sent);
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.headers().firstValue("Content-Type")).hasValue("application/problem+json");
        assertThat(answer.field()).isEqualTo(field);
        assertThat(answer.detail()).contains(field);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "plants|60.9|60.9 is not a whole number",
                "plants|2147483648|2147483648 is not a whole number",
                "plants|1e308|is not a whole number",
                "plants|{}|a record is not a whole number",
                "germination|\"NaN\"|NaN is not a number",
                "germination|1e999|is not a number",
                "purpose|0|is not one of",
                "sownOn|\"0001-01-01\"|from 1 Jan 1900 to 31 Dec 2199",
                "sownOn|20000|is not a date",
                "restOverruled|\"a\\u0000b\"|is not text that can be kept",
                "restOverruled|7|7 is not text",
                "stretches|[null]|stretches[0] is needed",
                "stretches|{}|is not a list",
                "flowers|1|1 is not yes or no",
                "varietyId|\"1\"|1 is not readable",
                "noSuchPart|1|noSuchPart is no part of this record"
            })
    void nothingIsCutGuessedOrLeftOutWithoutAWord(String part, String value, String said) {
        var planting = Season.plantingOf(
                UUID.randomUUID().toString(), UUID.randomUUID().toString(), "2026-03-20", 60);
        planting.put(part, "HERE");
        String sent = JsonMapper.shared().writeValueAsString(planting).replace("\"HERE\"", value);
        Client.Answer refused = grower.post("/api/plantings", sent);
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.field()).startsWith(part);
        assertThat(refused.detail()).contains(said);
    }

    @Test
    void whatIsNestedWithoutEndIsRefused() {
        String deep = "[".repeat(20_000) + "]".repeat(20_000);
        assertThat(grower.post(
                                "/api/ground/file?keep=false",
                                "{\"type\":\"FeatureCollection\",\"features\":" + deep + "}")
                        .status())
                .isEqualTo(400);
        assertThat(grower.post("/api/varieties", "{\"name\":" + deep + "}").status())
                .isEqualTo(400);
    }

    @Test
    void textThatNoRecordCanHaveIsNotLookedFor() {
        assertThat(grower.get("/api/varieties?q=a%00b").field()).isEqualTo("q");
        assertThat(grower.get("/api/photos").field()).isEqualTo("of");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "not json", "[]", "{\"unknownPart\": 1}", "\"text\"", "{\"name\": {\"first\": 1}}"})
    void whatIsNoRecordIsSaidToBeNone(String sent) {
        Client.Answer answer = grower.post("/api/varieties", sent);
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.text()).doesNotContain("Exception", "jackson", "theriseed.server", "at line");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/api/lots/26-PEA-99-X",
                "/api/plantings/nonsense",
                "/api/seasons/soon",
                "/api/lots?size=0",
                "/api/lots?size=5000",
                "/api/lots?page=-1",
                "/api/nothing/here"
            })
    void nothingThatGoesWrongShowsItsInside(String path) {
        Client.Answer answer = grower.get(path);
        assertThat(answer.status()).isIn(400, 404);
        assertThat(answer.text()).doesNotContain("Exception", "\tat ", "theriseed.server", "trace");
    }

    @Test
    void listsArePagedAndNeverEndless() {
        var page = grower.get("/api/lots?size=2&page=1").ok();
        assertThat(page.get("items").size()).isEqualTo(2);
        assertThat(page.get("page").asInt()).isEqualTo(1);
        assertThat(page.get("pages").asInt()).isEqualTo((page.get("total").asInt() + 1) / 2);
        assertThat(grower.get("/api/lots?size=201").detail()).contains("size: 201", "at least 1 and at most 200");
    }

    @Test
    void aStoppedDatabaseIsSaidPlainlyAndWorkGoesOnWhenItIsBack() {
        var variety = Season.varietyOf("pea");
        TestDatabase.takeAway(name);
        Client.Answer gone = grower.post("/api/varieties", variety);
        try {
            assertThat(gone.status()).isEqualTo(503);
            assertThat(gone.detail()).contains("cannot be reached", "What you typed is still here");
        } finally {
            TestDatabase.giveBack(name);
        }
        Client.Answer again = Stream.generate(() -> grower.post("/api/varieties", variety))
                .limit(40)
                .dropWhile(answer -> answer.status() == 503)
                .findFirst()
                .orElseThrow();
        assertThat(again.ok().get("name").asString())
                .as("the same request, tried again, without a restart and still signed in")
                .isEqualTo(variety.get("name"));
        grower.get("/api/today").ok();
    }

    @Test
    void theScreensAreServedAtEveryAddressOfThem() {
        for (String path : new String[] {"/", "/today", "/lot/26-TOM-01-V", "/desk/plantings/new"}) {
            Client.Answer screen = grower.get(path);
            assertThat(screen.status()).as(path).isEqualTo(200);
            assertThat(screen.text()).contains("<title>Theriseed</title>").doesNotContain("<script>", "style=");
            assertThat(screen.headers().firstValue("Cache-Control")).hasValue("no-cache");
            assertThat(screen.headers().firstValue("ETag"))
                    .as("of what is in it")
                    .isPresent();
            assertThat(screen.headers().firstValue("Last-Modified")).isEmpty();
        }
        assertThat(grower.get("/_app/immutable/none.js").status()).isEqualTo(404);
        assertThat(grower.get("/application.yaml").status()).isEqualTo(404);
    }

    @Test
    void aRefusedChangeLeavesNothingBehind() {
        long before = grower.get("/api/varieties").ok().get("total").asLong();
        grower.post("/api/varieties", Season.with(Season.varietyOf("pea"), "breedingOut", true));
        grower.post("/api/varieties", Season.with(Season.varietyOf("no-such-crop"), "name", "x"));
        assertThat(grower.get("/api/varieties").ok().get("total").asLong()).isEqualTo(before);
        assertThat(grower.post("/api/lots", record("plantingId", "7")).status()).isEqualTo(400);
    }
}
