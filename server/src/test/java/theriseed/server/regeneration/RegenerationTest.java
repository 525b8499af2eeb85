package theriseed.server.regeneration;

import static org.assertj.core.api.Assertions.assertThat;
import static theriseed.server.Season.plantingOf;
import static theriseed.server.Season.record;
import static theriseed.server.Season.with;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

@DemoFarmTest
class RegenerationTest {
    @LocalServerPort
    int port;

    Season season;
    Client grower;
    String number;
    String variety;

    /** Some five kilograms of peas. */
    @BeforeEach
    void stock() {
        season = new Season(port);
        grower = season.grower;
        number = season.sellable();
        variety = varietyOf(number);
    }

    private JsonNode regeneration(String of) {
        for (JsonNode one : grower.get("/api/regeneration").ok()) {
            if (one.get("varietyId").asString().equals(of)) {
                return one;
            }
        }
        throw new AssertionError("not in stock");
    }

    private void takes(double grams, Object... more) {
        grower.put("/api/varieties/" + variety + "/demand", with(record("grams", grams, "note", ""), more))
                .ok();
    }

    @Test
    void whatAYearTakesIsWhatLeftUnlessTheGrowerKnowsBetter() {
        assertThat(regeneration(variety).get("demand").asDouble()).isZero();
        grower.post(
                        "/api/lots/" + number + "/sales",
                        record("customer", "Croft", "soldOn", "2026-08-14", "bulk", 1000, "price", 30))
                .ok();
        grower.post(
                        "/api/lots/" + number + "/withdrawals",
                        record("why", "SOWN", "takenOn", "2026-08-14", "mass", 200, "note", ""))
                .ok();
        assertThat(regeneration(variety).get("demand").asDouble()).isEqualTo(600);
        assertThat(regeneration(variety).get("sold").asBoolean()).isTrue();
        takes(2000);
        JsonNode said = regeneration(variety);
        assertThat(said.get("demand").asDouble()).isEqualTo(2000);
        assertThat(said.get("sold").asBoolean()).isFalse();
        takes(900, "version", said.get("demandVersion").asInt(), "reason", "fewer shops next year");
        assertThat(regeneration(variety).get("demand").asDouble()).isEqualTo(900);
        assertThat(grower.put("/api/varieties/" + variety + "/demand", record("grams", -1, "note", ""))
                        .status())
                .isIn(400, 409);
    }

    @Test
    void aVarietyThatIsSoldOutMustBeGrownAtOnceAndStaysOnTheList() {
        grower.post(
                        "/api/lots/" + number + "/sales",
                        record(
                                "customer",
                                "Croft",
                                "soldOn",
                                "2026-08-14",
                                "bulk",
                                season.lot(number).at("/stock/bulk").decimalValue(),
                                "price",
                                90))
                .ok();
        JsonNode out = regeneration(variety);
        assertThat(out.get("grams").asDouble()).isZero();
        assertThat(out.get("demand").asDouble()).isPositive();
        assertThat(out.get("overdue").asBoolean()).isTrue();
        assertThat(out.has("fromLot")).isFalse();
    }

    @Test
    void whatIsStillAtTheBenchOrOnlyNumberedIsNotInStock() {
        String raw = season.picked(season.planted("pea", "2026-03-22", 300), 5000, 200);
        String empty = season.numbered(season.planted("pea", "2026-03-23", 300));
        assertThat(grower.get("/api/regeneration").ok().findValuesAsString("varietyId"))
                .contains(variety)
                .doesNotContain(varietyOf(raw), varietyOf(empty));
        season.cleaned(raw, 5000);
        assertThat(regeneration(varietyOf(raw)).get("grams").asDouble()).isPositive();
    }

    private String varietyOf(String lot) {
        return season.lot(lot).at("/known/planting/variety/id").asString();
    }

    @Test
    void theMoreIsAskedForTheSoonerItMustBeSown() {
        takes(2000);
        JsonNode some = regeneration(variety);
        assertThat(some.get("runsOut").toString()).contains("QUANTITY");
        assertThat(some.get("sowBy").asInt()).isEqualTo(some.get("firstShort").asInt() - 1);
        assertThat(some.get("sooner").asInt())
                .isLessThanOrEqualTo(some.get("sowBy").asInt());
        assertThat(some.get("later").asInt())
                .isGreaterThanOrEqualTo(some.get("sowBy").asInt());
        assertThat(some.get("fromLot").asString()).isEqualTo(number);
        takes(20_000, "version", some.get("demandVersion").asInt(), "reason", "a large order");
        JsonNode much = regeneration(variety);
        assertThat(much.get("overdue").asBoolean()).isTrue();
        assertThat(much.get("setBy").asString()).isEqualTo("QUANTITY");
        assertThat(much.get("plants").asInt()).isGreaterThan(some.get("plants").asInt());
    }

    @Test
    void heldSeedDoesNotCountAndWhatIsPlannedIsSaid() {
        takes(500);
        assertThat(regeneration(variety).get("grams").asDouble()).isPositive();
        assertThat(regeneration(variety).get("planned").toString()).isEqualTo("[]");
        grower.post("/api/plantings", with(plantingOf(variety, season.plot(), "2027-03-20", 300), "season", 2027))
                .ok();
        assertThat(regeneration(variety).get("planned").toString()).isEqualTo("[2027]");
        grower.post("/api/lots/" + number + "/hold", record("reason", "two jars, one label"))
                .ok();
        JsonNode held = regeneration(variety);
        assertThat(held.get("grams").asDouble()).isZero();
        assertThat(held.has("fromLot")).isFalse();
        assertThat(held.get("overdue").asBoolean()).isTrue();
    }
}
