package theriseed.server.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import theriseed.server.Client;
import theriseed.server.Season;
import theriseed.server.TestDatabase;
import theriseed.server.Theriseed;

class FirstRunTest {
    private static final Map<String, Object> FARM = Season.record(
            "farm",
            "Test Farm",
            "lat",
            54.0,
            "lon",
            -20.0,
            "timeZone",
            "UTC",
            "currency",
            "EUR",
            "coldestMonth",
            3,
            "warmestMonth",
            17,
            "name",
            "ann",
            "password",
            "long enough to keep");

    @Test
    void anEmptyFarmAsksForItsFirstGrowerOnceAndNeverHoldsTheDemoAccounts() {
        String database = TestDatabase.fresh();
        try (var app = (ServletWebServerApplicationContext) start("farm", database)) {
            int port = app.getWebServer().getPort();
            Client client = new Client(port);
            assertThat(client.get("/api/session").ok().get("firstRun").asBoolean())
                    .isTrue();
            assertThat(client.post("/api/session", Map.of("name", "grower", "password", "skerrow-grower"))
                            .status())
                    .isEqualTo(401);

            Client.Answer tooShort = client.post("/api/first-run", Season.with(FARM, "password", "short"));
            assertThat(tooShort.status()).isEqualTo(400);
            assertThat(tooShort.field()).isEqualTo("password");
            Client.Answer nowhere = client.post("/api/first-run", Season.with(FARM, "lat", 95));
            assertThat(nowhere.detail()).contains("95 is outside the valid range [-75, 75]");
            Client.Answer noZone = client.post("/api/first-run", Season.with(FARM, "timeZone", "Moon/Crater"));
            assertThat(noZone.field()).isEqualTo("timeZone");
            assertThat(client.get("/api/session").ok().get("firstRun").asBoolean())
                    .as("nothing half made")
                    .isTrue();

            client.post("/api/first-run", FARM).ok();
            assertThat(client.get("/api/session").ok().at("/account/role").asString())
                    .isEqualTo("GROWER");
            assertThat(client.get("/api/lots").ok().get("total").asInt()).isZero();
            Client late = new Client(port);
            late.get("/api/session");
            assertThat(late.post("/api/first-run", Season.with(FARM, "name", "eve"))
                            .status())
                    .isEqualTo(400);
        }
        assertThatThrownBy(() -> start("demo", database)).hasStackTraceContaining("holds a real farm");
    }

    private static Object start(String mode, String database) {
        return new SpringApplicationBuilder(Theriseed.class)
                .run(
                        "--server.port=0",
                        "--theriseed.mode=" + mode,
                        "--spring.datasource.url=" + TestDatabase.url(database),
                        "--spring.datasource.username=" + TestDatabase.USER,
                        "--spring.datasource.password=" + TestDatabase.password());
    }
}
