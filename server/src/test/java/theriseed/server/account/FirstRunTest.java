package theriseed.server.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import theriseed.server.Client;
import theriseed.server.EmptyFarm;
import theriseed.server.Season;
import theriseed.server.TestDatabase;

class FirstRunTest {
    @Test
    void anEmptyFarmAsksForItsFirstGrowerOnceAndNeverHoldsTheDemoAccounts() {
        String database = TestDatabase.fresh();
        try (var app = EmptyFarm.start("farm", database)) {
            int port = app.getWebServer().getPort();
            Client client = new Client(port);
            assertThat(client.get("/api/session").ok().get("firstRun").asBoolean())
                    .isTrue();
            assertThat(client.post("/api/session", Map.of("name", "grower", "password", "skerrow-grower"))
                            .status())
                    .isEqualTo(401);

            Client.Answer tooShort = client.post("/api/first-run", Season.with(EmptyFarm.FARM, "password", "short"));
            assertThat(tooShort.status()).isEqualTo(400);
            assertThat(tooShort.field()).isEqualTo("password");
            for (String guessed : List.of("aaaaaaaaaa", "qwertyuiop", "password123", "test farm ann")) {
                Client.Answer early = client.post("/api/first-run", Season.with(EmptyFarm.FARM, "password", guessed));
                assertThat(early.detail()).as(guessed).contains("guessed early");
            }
            for (String many : List.of("ü".repeat(72), "\uD83C\uDF31".repeat(36))) {
                Client.Answer bytes = client.post("/api/first-run", Season.with(EmptyFarm.FARM, "password", many));
                assertThat(bytes.status()).isEqualTo(400);
                assertThat(bytes.detail()).contains("at most 72 bytes; this one takes 144");
            }
            assertThat(client.post("/api/first-run", Season.with(EmptyFarm.FARM, "farm", "x".repeat(500)))
                            .field())
                    .isEqualTo("farm");
            Client.Answer nowhere = client.post("/api/first-run", Season.with(EmptyFarm.FARM, "lat", 95));
            assertThat(nowhere.field()).isEqualTo("lat");
            assertThat(nowhere.detail()).contains("95 is not allowed. Allowed is at least -75 and at most 75");
            assertThat(client.post("/api/first-run", Season.with(EmptyFarm.FARM, "currency", "XYZ1"))
                            .field())
                    .isEqualTo("currency");
            assertThat(client.post("/api/first-run", Season.with(EmptyFarm.FARM, "warmestMonth", 1))
                            .field())
                    .as("colder than the coldest")
                    .isEqualTo("warmestMonth");
            Client.Answer noZone =
                    client.post("/api/first-run", Season.with(EmptyFarm.FARM, "timeZone", "Moon/Crater"));
            assertThat(noZone.field()).isEqualTo("timeZone");
            assertThat(client.get("/api/session").ok().get("firstRun").asBoolean())
                    .as("nothing half made")
                    .isTrue();

            client.post("/api/first-run", EmptyFarm.FARM).ok();
            assertThat(client.get("/api/session").ok().at("/account/role").asString())
                    .isEqualTo("GROWER");
            assertThat(client.get("/api/lots").ok().get("total").asInt()).isZero();
            Client late = new Client(port);
            late.get("/api/session");
            assertThat(late.post("/api/first-run", Season.with(EmptyFarm.FARM, "name", "eve"))
                            .status())
                    .isEqualTo(400);
        }
        assertThatThrownBy(() -> EmptyFarm.start("demo", database)).hasStackTraceContaining("holds a real farm");
    }
}
