package theriseed.server.money;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static theriseed.server.Season.record;
import static theriseed.server.Season.saleOf;
import static theriseed.server.Season.with;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import theriseed.server.season.SeedWorth;
import tools.jackson.databind.JsonNode;

@DemoFarmTest
class MoneyTest {
    @LocalServerPort
    int port;

    @Autowired
    SeedWorth worth;

    Season season;
    Client grower;
    String number;
    String lot;
    String planting;

    @BeforeEach
    void sellable() {
        season = new Season(port);
        grower = season.grower;
        number = season.sellable();
        lot = season.lot(number).at("/known/lot/id").asString();
        planting = season.lot(number).at("/known/planting/id").asString();
    }

    private JsonNode money(String query) {
        return grower.get("/api/lots/" + number + "/money" + query).ok();
    }

    private static Map<String, Object> workOf(String on, String id, String kind, int people, int minutes) {
        return record(
                on, id, "kind", kind, "doneOn", "2026-06-01", "people", people, "minutes", minutes, "note", "hoeing");
    }

    private static Map<String, Object> outlayOf(String on, String id, String kind, double amount) {
        return record(on, id, "kind", kind, "spentOn", "2026-05-02", "amount", amount, "what", "netting");
    }

    @Test
    void aLotCostsItsGroundItsHoursAndWhatWasBoughtForIt() {
        JsonNode before = money("").get("money");
        assertThat(before.get("ground").asDouble()).as("the days it stood").isPositive();
        grower.post("/api/money/work", workOf("plantingId", planting, "TENDING", 2, 90))
                .ok();
        grower.post("/api/money/work", workOf("lotId", lot, "TESTING", 1, 30)).ok();
        grower.post("/api/money/outlays", outlayOf("plantingId", planting, "MATERIALS", 41))
                .ok();
        grower.post("/api/money/outlays", outlayOf("lotId", lot, "OWN_SEED", 12))
                .ok();
        season.packed(number, 50, 20);
        JsonNode after = money("").get("money");
        JsonNode rates = money("").get("rates");
        assertThat(after.at("/hours/TENDING").asDouble()).isEqualTo(3);
        assertThat(after.at("/hours/TESTING").asDouble()).isEqualTo(0.5);
        assertThat(after.get("materials").asDouble()).isEqualTo(41);
        assertThat(after.get("ownSeed").asDouble()).isEqualTo(12);
        assertThat(after.get("packets").asDouble())
                .isCloseTo(20 * rates.get("packet").asDouble(), within(1e-9));
        double parts = after.get("ground").asDouble()
                + after.get("wages").asDouble()
                + 41
                + 12
                + after.get("packets").asDouble()
                + after.get("failed").asDouble();
        assertThat(after.get("cost").asDouble()).isCloseTo(parts, within(1e-6));
    }

    @Test
    void twoLotsOfOnePlantingShareItsCostByCleanSeed() {
        grower.post("/api/money/outlays", outlayOf("plantingId", planting, "MATERIALS", 100))
                .ok();
        double clean = season.lot(number).at("/known/bench/mass").asDouble();
        String other = season.picked(planting, 3000, 100);
        double little = season.cleaned(other, 3000);
        assertThat(money("").at("/money/materials").asDouble()).isCloseTo(100 * clean / (clean + little), within(1e-6));
    }

    @Test
    void whatALotBroughtIsItsSalesAndAnHourEarnsWhatTheyLeave() {
        grower.post("/api/money/work", workOf("lotId", lot, "BENCH", 1, 600)).ok();
        String run = season.packed(number, 50, 40);
        grower.post("/api/lots/" + number + "/sales", with(saleOf(run, 25), "price", 70))
                .ok();
        JsonNode money = money("").get("money");
        assertThat(money.get("brought").asDouble()).isEqualTo(70);
        assertThat(money.get("packetsLeft").asInt()).isEqualTo(15);
        double hours = 0;
        for (JsonNode some : money.get("hours")) {
            hours += some.asDouble();
        }
        assertThat(money.get("perHour").asDouble())
                .isCloseTo((money.get("left").asDouble() + money.get("wages").asDouble()) / hours, within(1e-9));
        assertThat(money.get("left").asDouble())
                .isCloseTo(70 - money.get("fees").asDouble() - money.get("cost").asDouble(), within(1e-9));
    }

    @Test
    void byProductsBringMoneyToTheLotTheyCameOf() {
        double left = money("").at("/money/left").asDouble();
        Map<String, Object> sauce =
                record("lotId", lot, "soldOn", "2026-08-12", "amount", 60, "what", "sauce, inn kitchen");
        String id = grower.post("/api/money/by-products", sauce).ok().get("id").asString();
        assertThat(money("").at("/money/byProducts").asDouble()).isEqualTo(60);
        assertThat(money("").at("/money/left").asDouble())
                .as("no fees are taken of it")
                .isCloseTo(left + 60, within(1e-9));
        grower.put("/api/money/by-products/" + id, with(sauce, "amount", 45, "version", 0, "reason", "a jar broke"))
                .ok();
        assertThat(money("").at("/byProducts/0/amount").asDouble()).isEqualTo(45);
        grower.post(
                        "/api/money/by-products",
                        record("plantingId", planting, "soldOn", "2026-08-12", "amount", 10, "what", "straw"))
                .ok();
        assertThat(money("").at("/money/byProducts").asDouble()).isEqualTo(55);
        assertThat(grower.post("/api/money/by-products", with(sauce, "amount", -1))
                        .field())
                .isEqualTo("amount");
        assertThat(grower.post("/api/money/by-products", with(sauce, "soldOn", "2027-01-01"))
                        .field())
                .isEqualTo("soldOn");
    }

    @Test
    void thePriceForAMarginIsReckonedForAsManyPacketsAsAsked() {
        assertThat(money("").has("packet")).as("nothing packed yet").isFalse();
        JsonNode cheap = money("?packets=600&unsold=15&margin=25&fees=5").get("packet");
        JsonNode dear = money("?packets=100&unsold=15&margin=25&fees=5").get("packet");
        assertThat(dear.get("priceForMargin").asDouble())
                .isGreaterThan(cheap.get("priceForMargin").asDouble());
        assertThat(cheap.get("priceForMargin").asDouble())
                .isCloseTo(cheap.get("perSold").asDouble() / 0.7, within(1e-9));
        assertThat(grower.get("/api/lots/" + number + "/money?packets=600&margin=80&fees=30")
                        .field())
                .isEqualTo("margin+fees");
    }

    @Test
    void whatALotOnHoldCostIsCarriedByTheOthersOfItsSeason() {
        grower.post("/api/money/outlays", outlayOf("lotId", lot, "MATERIALS", 500))
                .ok();
        double before = grower.get("/api/money?season=2026").ok().get("failed").asDouble();
        grower.post("/api/lots/" + number + "/hold", record("reason", "mixed up"))
                .ok();
        JsonNode year = grower.get("/api/money?season=2026").ok();
        assertThat(year.get("failed").asDouble() - before).isGreaterThan(500);
        assertThat(money("").has("money")).isFalse();
        double carried = 0;
        for (JsonNode one : year.get("lots")) {
            carried += one.has("money") ? one.at("/money/failed").asDouble() : 0;
        }
        assertThat(carried).isCloseTo(year.get("failed").asDouble(), within(1e-6));
    }

    @Test
    void aCorrectionKeepsWhatItCorrectsAndAClashIsSaid() {
        String id = grower.post("/api/money/work", workOf("lotId", lot, "BENCH", 1, 600))
                .ok()
                .get("id")
                .asString();
        Map<String, Object> better =
                with(workOf("lotId", lot, "BENCH", 1, 60), "version", 0, "reason", "minutes, not hours");
        assertThat(grower.put("/api/money/work/" + id, better)
                        .ok()
                        .get("minutes")
                        .asInt())
                .isEqualTo(60);
        assertThat(grower.put("/api/money/work/" + id, better).status()).isEqualTo(409);
    }

    @Test
    void whatIsTransferredTakesItsShareOfTheCostAlong() {
        grower.post("/api/money/outlays", outlayOf("lotId", lot, "MATERIALS", 100))
                .ok();
        double clean = season.lot(number).at("/stock/bulk").asDouble();
        String part = grower.post(
                        "/api/lots/" + number + "/parts",
                        record("masses", List.of(1000), "transferredOn", "2026-08-14"))
                .ok()
                .get(0)
                .get("number")
                .asString();
        double went = grower.get("/api/lots/" + part + "/money")
                .ok()
                .at("/money/materials")
                .asDouble();
        assertThat(went).isCloseTo(100 * 1000 / clean, within(1e-6));
        assertThat(money("").at("/money/materials").asDouble()).isCloseTo(100 - went, within(1e-6));
    }

    @Test
    void anOutlayWrittenByMistakeIsSetToNothingWithWhy() {
        String id = grower.post("/api/money/outlays", outlayOf("lotId", lot, "MATERIALS", 41))
                .ok()
                .get("id")
                .asString();
        Map<String, Object> nothing = with(outlayOf("lotId", lot, "MATERIALS", 0), "version", 0, "reason", "twice");
        assertThat(grower.put("/api/money/outlays/" + id, with(nothing, "reason", " "))
                        .field())
                .isEqualTo("reason");
        assertThat(money("").at("/money/materials").asDouble()).isEqualTo(41);
        grower.put("/api/money/outlays/" + id, nothing).ok();
        assertThat(money("").at("/money/materials").asDouble()).isZero();
        assertThat(grower.put("/api/money/outlays/" + id, nothing).status()).isEqualTo(409);
        assertThat(grower.put("/api/money/outlays/" + UUID.randomUUID(), nothing)
                        .status())
                .isEqualTo(404);
    }

    @Test
    void aHandWritesHoursButNeitherCorrectsThemNorSpends() {
        Client hand = Client.as("hand", port);
        String id = hand.post("/api/money/work", workOf("lotId", lot, "BENCH", 1, 60))
                .ok()
                .get("id")
                .asString();
        Map<String, Object> less = with(workOf("lotId", lot, "BENCH", 1, 30), "version", 0, "reason", "half");
        assertThat(hand.put("/api/money/work/" + id, less).status()).isEqualTo(403);
        assertThat(hand.post("/api/money/outlays", outlayOf("lotId", lot, "MATERIALS", 1))
                        .status())
                .isEqualTo(403);
        grower.put("/api/money/work/" + id, less).ok();
    }

    @Test
    void hoursAreOfAPlantingOrALotThatIsThereAndOfADayThatWas() {
        assertThat(grower.post(
                                "/api/money/work",
                                workOf("lotId", UUID.randomUUID().toString(), "BENCH", 1, 60))
                        .status())
                .isEqualTo(404);
        assertThat(grower.post(
                                "/api/money/work",
                                workOf("plantingId", UUID.randomUUID().toString(), "TENDING", 1, 60))
                        .status())
                .isEqualTo(404);
        for (String day : List.of("2026-08-15", "2016-08-01")) {
            assertThat(grower.post("/api/money/work", with(workOf("lotId", lot, "BENCH", 1, 60), "doneOn", day))
                            .field())
                    .isEqualTo("doneOn");
        }
    }

    @ParameterizedTest
    @CsvSource({"people, 0", "people, 51", "minutes, -1", "minutes, 961"})
    void hoursThatCannotBeAreRefusedByName(String field, int value) {
        assertThat(grower.post("/api/money/work", with(workOf("lotId", lot, "BENCH", 1, 60), field, value))
                        .field())
                .isEqualTo(field);
    }

    @Test
    void badOutlaysAndRatesAreRefusedByName() {
        assertThat(grower.post("/api/money/outlays", outlayOf("lotId", lot, "MATERIALS", -1))
                        .field())
                .isEqualTo("amount");
        assertThat(grower.post(
                                "/api/money/outlays",
                                with(outlayOf("lotId", lot, "MATERIALS", 1), "spentOn", "2027-01-01"))
                        .field())
                .isEqualTo("spentOn");
        assertThat(grower.post(
                                "/api/money/outlays",
                                with(outlayOf("lotId", lot, "MATERIALS", 1), "plantingId", planting))
                        .detail())
                .contains("for which planting or lot");
        JsonNode rates = money("").get("rates");
        Map<String, Object> said = record(
                "wage",
                15,
                "ground",
                0.4,
                "packet",
                0.1,
                "fees",
                60,
                "unsold",
                10,
                "margin",
                40,
                "version",
                rates.get("version").asInt(),
                "reason",
                "tried");
        assertThat(grower.put("/api/money/rates", said).field()).isEqualTo("margin");
        assertThat(grower.put("/api/money/rates", with(said, "wage", -3)).field())
                .isEqualTo("wage");
    }

    @Test
    void onlyTheGrowerSeesMoney() {
        assertThat(Client.as("hand", port).get("/api/money").status()).isEqualTo(403);
        assertThat(Client.as("hand", port)
                        .post("/api/money/work", workOf("lotId", lot, "BENCH", 1, 60))
                        .status())
                .isEqualTo(200);
    }

    @Test
    void aSeasonsSeedIsWorthWhatWasSoldOfItInAYear() {
        UUID variety = UUID.fromString(
                season.lot(number).at("/known/planting/variety/id").asString());
        assertThat(worth.of(List.of(variety))).as("nothing was sold").isEmpty();
        grower.post("/api/lots/" + number + "/sales", saleOf(season.packed(number, 50, 20), 10))
                .ok();
        double wage = money("").at("/rates/wage").asDouble();
        assertThat(worth.of(List.of(variety, UUID.randomUUID())))
                .containsExactly(Map.entry(variety, new SeedWorth.Earned(25, 25 / wage)));
    }
}
