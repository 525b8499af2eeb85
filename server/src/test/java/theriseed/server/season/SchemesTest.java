package theriseed.server.season;

import static org.assertj.core.api.Assertions.assertThat;
import static theriseed.server.Season.plantingOf;
import static theriseed.server.Season.record;
import static theriseed.server.Season.with;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

/** What if; in a season of its own, so that nothing else changes the plan meanwhile. */
@DemoFarmTest
class SchemesTest {
    private static final AtomicInteger YEARS = new AtomicInteger();

    @LocalServerPort
    int port;

    Season season;
    int year;
    Map<String, Object> courgette;
    String planned;

    @BeforeEach
    void twoThatCross() {
        season = new Season(port);
        year = 2060 + YEARS.incrementAndGet();
        courgette = planting("courgette", season.plotAt(-4200, -1200 - 60.0 * (year - 2060)));
        planned = season.grower.post("/api/plantings", courgette).ok().get("id").asString();
        season.grower
                .post("/api/plantings", planting("pumpkin-pepo", season.plotAt(-4100, -1200 - 60.0 * (year - 2060))))
                .ok();
    }

    private Map<String, Object> planting(String crop, String plot) {
        return with(plantingOf(season.variety(crop), plot, year + "-05-01", 20), "season", year);
    }

    private JsonNode scheme() {
        return season.grower
                .post("/api/schemes", record("name", "No courgette", "season", year))
                .ok();
    }

    private JsonNode compared(JsonNode scheme) {
        return season.grower.get("/api/schemes/" + scheme.get("id").asString()).ok();
    }

    private Client.Answer end(JsonNode scheme, String how) {
        return season.grower.post(
                "/api/schemes/" + scheme.get("id").asString() + "/" + how,
                record("version", scheme.get("version").asInt()));
    }

    private String inScheme(JsonNode scheme, String crop) {
        for (JsonNode planting : compared(scheme).get("plantings")) {
            if (planting.at("/variety/cropKey").asString().equals(crop)) {
                return planting.get("id").asString();
            }
        }
        throw new AssertionError(crop);
    }

    private void giveUp(String planting) {
        season.grower
                .post(
                        "/api/plantings/" + planting + "/given-up",
                        record("version", 0, "reason", "tried", "givenUp", true))
                .ok();
    }

    @Test
    void aSchemeIsChangedFreelyBesideThePlan() {
        JsonNode scheme = scheme();
        assertThat(compared(scheme).at("/tried")).isEqualTo(compared(scheme).at("/plan"));
        giveUp(inScheme(scheme, "courgette"));
        JsonNode after = compared(scheme);
        assertThat(after.at("/plan/crosses").asInt()).isEqualTo(2);
        assertThat(after.at("/tried/crosses").asInt()).isZero();
        assertThat(after.at("/tried/plants").asInt()).isEqualTo(20);
        assertThat(season.grower.get("/api/seasons/" + year).ok().get("plantings"))
                .hasSize(2);
        assertThat(season.grower
                        .get("/api/seasons/" + year)
                        .ok()
                        .at("/schemes/0/name")
                        .asString())
                .isEqualTo("No courgette");
    }

    @Test
    void aSchemeCanLeaveAPlantingOutFromTheStart() {
        Map<String, Object> without = record("name", "No courgette", "season", year, "without", List.of(planned));
        JsonNode scheme = season.grower.post("/api/schemes", without).ok();
        assertThat(compared(scheme).get("plantings")).hasSize(1);
        assertThat(compared(scheme).at("/tried/crosses").asInt()).isZero();
        end(scheme, "kept").ok();
        assertThat(season.grower.get("/api/seasons/" + year).ok().get("plantings"))
                .hasSize(1);
        assertThat(season.grower
                        .post("/api/schemes", with(without, "without", List.of(UUID.randomUUID())))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void aKeptSchemeBecomesThePlan() {
        JsonNode scheme = scheme();
        giveUp(inScheme(scheme, "courgette"));
        String squash = inScheme(scheme, "pumpkin-pepo");
        JsonNode now = season.grower.get("/api/plantings/" + squash).ok().get("planting");
        season.grower
                .put(
                        "/api/plantings/" + squash,
                        with(
                                with(
                                        courgette,
                                        "varietyId",
                                        now.at("/variety/id").asString()),
                                "plotId",
                                now.get("plotId").asString(),
                                "plants",
                                31,
                                "version",
                                0,
                                "reason",
                                "more"))
                .ok();
        end(scheme, "kept").ok();
        JsonNode plan = season.grower.get("/api/seasons/" + year).ok();
        assertThat(plan.get("plantings")).hasSize(1);
        assertThat(plan.at("/plantings/0/plants").asInt()).isEqualTo(31);
        assertThat(plan.get("schemes")).isEmpty();
        assertThat(end(scheme, "dropped").status()).isEqualTo(409);
    }

    @Test
    void aPlanThatWasChangedMeanwhileIsNotOverwritten() {
        JsonNode scheme = scheme();
        giveUp(inScheme(scheme, "courgette"));
        season.grower
                .put("/api/plantings/" + planned, with(courgette, "plants", 25, "version", 0, "reason", "more seed"))
                .ok();
        Client.Answer refused = end(scheme, "kept");
        assertThat(refused.detail()).contains("was changed in the plan since");
        end(scheme, "dropped").ok();
        assertThat(season.grower.get("/api/seasons/" + year).ok().get("plantings"))
                .hasSize(2);
    }
}
