package theriseed.server.harvest;

import static org.assertj.core.api.Assertions.assertThat;
import static theriseed.server.Season.harvestOf;
import static theriseed.server.Season.record;
import static theriseed.server.Season.with;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

@DemoFarmTest
class HarvestsTest {
    @LocalServerPort
    int port;

    Season season;
    String number;
    String picks;

    @BeforeEach
    void numbered() {
        season = new Season(port);
        number = season.numbered(season.planted("pea", "2026-03-20", 300));
        picks = "/api/lots/" + number + "/picks";
    }

    private JsonNode harvest() {
        return season.lot(number).at("/known/harvest");
    }

    @Test
    void picksOverTheSamePlantsCountThemOnceAndThoseOfStretchesApart() {
        season.grower.post(picks, harvestOf(3000, 100)).ok();
        season.grower
                .post(picks, with(harvestOf(2000, 120), "pickedOn", "2026-08-05", "containers", 2))
                .ok();
        assertThat(harvest().get("plants").asInt()).isEqualTo(120);
        assertThat(harvest().get("mass").asInt()).isEqualTo(5000);
        assertThat(harvest().get("containers").asInt()).isEqualTo(3);
        assertThat(harvest().get("pickedOn").asString()).isEqualTo("2026-08-01");
        assertThat(harvest().get("lastOn").asString()).isEqualTo("2026-08-05");

        Map<String, Object> stretch = with(harvestOf(500, 80), "pickedFrom", "STRETCH", "which", "row 1");
        season.grower.post(picks, stretch).ok();
        season.grower.post(picks, with(stretch, "plants", 70)).ok();
        assertThat(harvest().get("plants").asInt())
                .as("the same row again, and all of it may be among the 120")
                .isEqualTo(120);
        season.grower.post(picks, with(stretch, "which", "row 2")).ok();
        assertThat(harvest().get("plants").asInt())
                .as("two rows have 160 between them")
                .isEqualTo(160);
    }

    @ParameterizedTest
    @CsvSource({
        "pickedOn, 2026-03-20, pickedOn",
        "pickedOn, 2026-08-15, pickedOn",
        "plants, 0, plants",
        "plants, 301, plants",
        "mass, 0, mass",
        "mass, -5, mass",
        "mass, 9000000, mass",
        "containers, 0, containers",
        "pieces, 0, pieces",
        "pickedFrom, STRETCH, which",
        "pickedFrom, TAGGED, pickedFrom"
    })
    void aPickThatCannotBeIsRefusedByName(String part, String value, String field) {
        Client.Answer refused = season.grower.post(picks, with(harvestOf(3000, 250), part, value));
        assertThat(refused.field()).isEqualTo(field);
        assertThat(season.lot(number).at("/known").has("harvest")).isFalse();
    }

    @Test
    void allPicksTogetherAreNoMoreThanItsPlantsCanBear() {
        int loads = 0;
        Client.Answer last = season.grower.post(picks, harvestOf(60_000, 300));
        while (last.status() == 200) {
            loads++;
            assertThat(loads).as("loads of 60 kg from 300 pea plants").isLessThan(20);
            last = season.grower.post(picks, harvestOf(60_000, 300));
        }
        assertThat(loads).isPositive();
        assertThat(last.field()).isEqualTo("mass");
        assertThat(harvest().get("mass").asInt()).isEqualTo(loads * 60_000);
    }

    @Test
    void aCorrectionKeepsWhatItCorrectsAndWhy() {
        season.grower.post(picks, harvestOf(3000, 100)).ok();
        String pick = season.pickOf(number);
        Map<String, Object> better = with(harvestOf(3300, 110), "version", 0, "reason", "the crate was counted in");
        assertThat(season.grower.put(pick, with(better, "reason", "")).field()).isEqualTo("reason");
        assertThat(season.grower.put(pick, with(better, "plants", 400)).field()).isEqualTo("plants");
        season.grower.put(pick, better).ok();
        assertThat(season.grower.put(pick, better).status()).isEqualTo(409);
        assertThat(harvest().get("mass").asInt()).isEqualTo(3300);
        assertThat(season.lot(number).get("corrections").toString())
                .contains("the crate was counted in")
                .contains("3000")
                .contains("\"110\"");
    }

    @Test
    void nothingIsPickedIntoALotThatCameOfOthers() {
        String whole = season.sellable();
        String part = season.grower
                .post("/api/lots/" + whole + "/parts", record("masses", List.of(100), "transferredOn", "2026-08-14"))
                .ok()
                .get(0)
                .get("number")
                .asString();
        Client.Answer refused = season.grower.post("/api/lots/" + part + "/picks", harvestOf(10, 5));
        assertThat(refused.field()).isEqualTo("number");
        assertThat(refused.detail()).contains("came of other lots");
    }

    private JsonNode tried(String planting, String day, int plants, double grams) {
        return season.grower
                .get("/api/plantings/" + planting + "/picks/tried?pickedOn=" + day + "&plants=" + plants + "&mass="
                        + grams)
                .ok();
    }

    @Test
    void aMassAThousandTimesOffIsAskedAboutBothWays() {
        String planting = season.lot(number).at("/known/planting/id").asString();
        assertThat(tried(planting, "2026-08-01", 180, 2500).has("usualLow")).isFalse();
        assertThat(tried(planting, "2026-08-01", 180, 2.5).get("meant").asDouble())
                .isEqualTo(2500);
        Client.Answer refused = season.grower.post(picks, harvestOf(2_500_000, 180));
        assertThat(refused.field()).isEqualTo("mass");
        assertThat(refused.text()).contains("thousandfold", "2500");
    }

    @Test
    void fruitPickedBeforeItCanBeRipeIsRememberedOfAllItsSeed() {
        String planting = season.planted("tomato", "2026-03-10", 24);
        JsonNode early = tried(planting, "2026-05-20", 20, 30_000);
        assertThat(early.get("earlyBy").asInt()).isGreaterThan(20);
        assertThat(early.has("ripeFrom")).isTrue();
        String lot = season.numbered(planting);
        season.grower
                .post("/api/lots/" + lot + "/picks", with(harvestOf(30_000, 20), "pickedOn", "2026-05-20"))
                .ok();
        assertThat(season.lot(lot).at("/known/gate/cautions").toString()).contains("PICKED_EARLY");
        String part = season.grower
                .post("/api/lots/" + lot + "/parts", record("parts", 2, "transferredOn", "2026-05-21"))
                .ok()
                .at("/0/number")
                .asString();
        assertThat(season.lot(part).at("/known/harvest/earlyBy").asInt())
                .isEqualTo(season.lot(lot).at("/known/harvest/earlyBy").asInt());
        String pick = season.pickOf(lot);
        season.grower
                .put(
                        pick,
                        with(
                                harvestOf(30_000, 20),
                                "pickedOn",
                                "2026-08-12",
                                "version",
                                0,
                                "reason",
                                "the month was wrong"))
                .ok();
        assertThat(season.lot(lot).at("/known/harvest/earlyBy").asInt())
                .as("84 days later")
                .isEqualTo(early.get("earlyBy").asInt() - 84);
    }
}
