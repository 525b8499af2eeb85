package theriseed.server.stand;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static theriseed.server.Season.plantingOf;
import static theriseed.server.Season.record;
import static theriseed.server.Season.walkOf;
import static theriseed.server.Season.with;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

/** The demo's clock stands at 14 August 2026. */
@DemoFarmTest
class StandsTest {
    @LocalServerPort
    int port;

    Season season;

    @BeforeEach
    void season() {
        season = new Season(port);
    }

    private JsonNode stand(String planting) {
        return season.grower.get("/api/plantings/" + planting + "/stand").ok();
    }

    private Client.Answer count(String planting, String point, int plants, String day) {
        return season.grower.post(
                "/api/plantings/" + planting + "/counts",
                record("id", UUID.randomUUID(), "point", point, "plants", plants, "countedOn", day, "note", ""));
    }

    private static Map<String, Object> lookOf(String day, int pieces, int thrownOut) {
        return record("id", UUID.randomUUID(), "seenOn", day, "pieces", pieces, "thrownOut", thrownOut, "note", "");
    }

    @Test
    void whatWasCountedLastRulesLessWhatWasPulledSince() {
        String kale = season.planted("kale", "2025-07-05", 120);
        assertThat(stand(kale).at("/life/standing").asInt()).isEqualTo(120);
        count(kale, "SET_OUT", 110, "2025-08-20").ok();
        count(kale, "AFTER_WINTER", 90, "2026-03-10").ok();
        season.grower
                .post("/api/plantings/" + kale + "/walks", with(walkOf("spring", 90, 8), "walkedOn", "2026-04-10"))
                .ok();
        JsonNode stand = stand(kale);
        assertThat(stand.get("pulled").asInt()).isEqualTo(8);
        assertThat(stand.at("/life/standing").asInt()).isEqualTo(82);
        assertThat(stand.at("/life/expected").asInt()).isEqualTo(82);
        assertThat(stand.get("counts").size()).isEqualTo(2);
        assertThat(count(kale, "STANDING", 80, "2026-08-15").field()).isEqualTo("countedOn");
        assertThat(count(kale, "STANDING", -1, "2026-08-14").field()).isEqualTo("plants");
    }

    @Test
    void theGenerationsBehindASeedNameTheirWeakest() {
        String variety = season.variety("kale");
        for (int year : new int[] {2025, 2026}) {
            String planting = season.grower
                    .post(
                            "/api/plantings",
                            with(plantingOf(variety, season.plot(), (year - 1) + "-07-05", 100), "season", year))
                    .ok()
                    .get("id")
                    .asString();
            String number = season.numbered(planting);
            season.grower
                    .post(
                            "/api/lots/" + number + "/picks",
                            with(Season.harvestOf(4000, year == 2025 ? 40 : 90), "pickedOn", year + "-08-01"))
                    .ok();
            if (year == 2026) {
                JsonNode generations = stand(planting).get("generations");
                assertThat(generations.at("/all").size()).isEqualTo(2);
                assertThat(generations.at("/weakest/year").asInt()).isEqualTo(2025);
                assertThat(generations.get("effective").asDouble())
                        .isBetween(generations.at("/weakest/effectiveSize").asDouble(), 90.0);
                assertThat(stand(planting).get("harvested").asInt()).isEqualTo(90);
            }
        }
    }

    @Test
    void whatIsStoredIsForetoldFromEveryLook() {
        String garlic = season.stock(300);
        assertThat(season.grower
                        .post("/api/plantings/" + garlic + "/store-looks", lookOf("2026-08-10", 300, 4))
                        .detail())
                .contains("Write down first how many pieces");
        count(garlic, "STORED", 400, "2026-07-16").ok();
        JsonNode before = stand(garlic);
        assertThat(before.at("/store/rate").asDouble()).isEqualTo(0.0015);
        season.grower
                .post(
                        "/api/plantings/" + garlic + "/store-looks",
                        with(lookOf("2026-08-06", 390, 12), "small", 80, "medium", 200, "large", 98))
                .ok();
        JsonNode after = stand(garlic);
        assertThat(after.at("/store/sound").asInt()).isLessThanOrEqualTo(388);
        assertThat(after.at("/store/rate").asDouble())
                .isCloseTo((0.0015 * 3000 + 12) / (3000 + (390 - 12 / 2.0) * 21), within(1e-12));
        assertThat(after.at("/store/nextLook").asString()).isEqualTo("2026-08-27");
        assertThat(after.at("/looks/0/medium").asInt()).isEqualTo(200);
    }

    @Test
    void aCorrectedLookIsCheckedAgainstWhatLayThereBesideIt() {
        String garlic = season.stock(300);
        count(garlic, "STORED", 400, "2026-07-16").ok();
        String path = "/api/plantings/" + garlic + "/store-looks";
        season.grower.post(path, lookOf("2026-07-30", 400, 50)).ok();
        Map<String, Object> second = lookOf("2026-08-06", 350, 10);
        season.grower.post(path, second).ok();
        Map<String, Object> corrected = with(second, "version", 0, "reason", "counted again");
        String look = "/api/store-looks/" + second.get("id");
        assertThat(season.grower.put(look, with(corrected, "pieces", 351)).detail())
                .contains("pieces: 351 is not allowed. Allowed is at least 1 and at most 350");
        assertThat(season.grower
                        .put(look, with(corrected, "seenOn", "2026-07-16"))
                        .field())
                .isEqualTo("seenOn");
        season.grower.put(look, with(corrected, "thrownOut", 12)).ok();
        assertThat(stand(garlic).at("/looks/1/thrownOut").asInt()).isEqualTo(12);
    }

    private Map<String, Object> seedOf(String plant, double grams) {
        return record("id", UUID.randomUUID(), "plant", plant, "mass", grams, "weighedOn", "2026-08-12");
    }

    @Test
    void seedWeighedPlantByPlantTellsWhatTheStandIsWorth() {
        String kale = season.planted("kale", "2025-07-05", 60);
        String path = "/api/plantings/" + kale + "/seeds";
        List<Object> weighed = new ArrayList<>();
        for (int plant = 1; plant <= 10; plant++) {
            Map<String, Object> seed = seedOf("" + plant, plant == 1 ? 120 : 8);
            season.grower.post(path, seed).ok();
            weighed.add(seed.get("id"));
        }
        JsonNode size = stand(kale).get("effectiveSize");
        assertThat(size.get("weighed").asInt()).isEqualTo(10);
        assertThat(size.get("ifAlike").asDouble()).isGreaterThan(8);
        assertThat(size.get("effective").asDouble())
                .isLessThan(0.8 * size.get("ifAlike").asDouble());
        assertThat(stand(kale).at("/generations/weakest/effectiveSize").asDouble())
                .isEqualTo(size.get("effective").asDouble());

        Map<String, Object> twice = seedOf("3", 9);
        assertThat(season.grower.post(path, twice).detail()).contains("The seed of plant 3 is weighed already");
        assertThat(season.grower.post(path, seedOf("11", -1)).field()).isEqualTo("mass");
        season.grower
                .put("/api/seeds/" + weighed.get(0), with(seedOf("1", 12), "version", 0, "reason", "a nought too many"))
                .ok();
        assertThat(stand(kale).at("/effectiveSize/effective").asDouble())
                .isGreaterThan(size.get("effective").asDouble());
        assertThat(stand(kale).get("corrections").findValuesAsString("was")).contains("120");
    }

    @Test
    void moreThanLieThereOrThanAreSoundIsRefused() {
        String garlic = season.stock(300);
        count(garlic, "STORED", 400, "2026-07-16").ok();
        String path = "/api/plantings/" + garlic + "/store-looks";
        assertThat(season.grower.post(path, lookOf("2026-08-06", 401, 2)).field())
                .isEqualTo("pieces");
        assertThat(season.grower.post(path, lookOf("2026-08-06", 300, 300)).field())
                .isEqualTo("thrownOut");
        assertThat(season.grower
                        .post(path, with(lookOf("2026-08-06", 300, 10), "small", 200, "large", 91))
                        .detail())
                .contains("The sizes add up to 291, but only 290 pieces are sound.");
        assertThat(season.grower.post(path, lookOf("2026-07-16", 300, 10)).field())
                .isEqualTo("seenOn");
    }

    @Test
    void nothingOfASickCropIsStoredWithoutAReason() {
        String garlic = season.stock(300);
        season.grower
                .post(
                        "/api/plantings/" + garlic + "/walks",
                        with(walkOf("20 cm", 200, 0), "walkedOn", "2026-04-10", "sick", 9))
                .ok();
        assertThat(stand(garlic).get("sickStock").asBoolean()).isTrue();
        Client.Answer refused = count(garlic, "STORED", 300, "2026-07-16");
        assertThat(refused.field()).isEqualTo("note");
        assertThat(refused.detail()).contains("9 of 200 plants of this crop were sick");
    }

    @Test
    void aCountSentTwiceIsOneAndACorrectionKeepsWhatItCorrects() {
        String kale = season.planted("kale", "2025-07-05", 120);
        Map<String, Object> count = record(
                "id", UUID.randomUUID(), "point", "SET_OUT", "plants", 110, "countedOn", "2025-08-20", "note", "");
        String path = "/api/plantings/" + kale + "/counts";
        season.grower.post(path, count).ok();
        season.grower.post(path, count).ok();
        season.grower
                .put(
                        "/api/counts/" + count.get("id"),
                        with(count, "plants", 101, "version", 0, "reason", "one tray twice"))
                .ok();
        JsonNode stand = stand(kale);
        assertThat(stand.get("counts").size()).isEqualTo(1);
        assertThat(stand.at("/counts/0/plants").asInt()).isEqualTo(101);
        assertThat(stand.get("corrections").findValuesAsString("was")).contains("110");
    }
}
