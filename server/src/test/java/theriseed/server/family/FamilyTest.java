package theriseed.server.family;

import static org.assertj.core.api.Assertions.assertThat;
import static theriseed.server.Season.harvestOf;
import static theriseed.server.Season.plantingOf;
import static theriseed.server.Season.record;
import static theriseed.server.Season.saleOf;
import static theriseed.server.Season.with;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

@DemoFarmTest
class FamilyTest {
    @LocalServerPort
    int port;

    Season season;
    String planting;

    @BeforeEach
    void season() {
        season = new Season(port);
        planting = season.planted("pea", "2026-03-20", 300);
        season.walked(planting, 300);
    }

    private String clean(Map<String, Object> pick) {
        String number = season.numbered(planting);
        season.grower.post("/api/lots/" + number + "/picks", pick).ok();
        season.cleaned(number, ((Number) pick.get("mass")).doubleValue());
        season.tested(number, 24.1, 23.9, 24.3, 24.0);
        return number;
    }

    private void sold(String number, String customer) {
        season.grower
                .post(
                        "/api/lots/" + number + "/sales",
                        with(saleOf(season.packed(number, 50, 5), 4), "customer", customer))
                .ok();
    }

    private String blended(String one, String other) {
        Map<String, Object> blend = record(
                "parts",
                List.of(record("number", one, "mass", 100), record("number", other, "mass", 300)),
                "transferredOn",
                "2026-08-03");
        String number =
                season.grower.post("/api/blends", blend).ok().get("number").asString();
        season.tested(number, 24.1, 23.9, 24.3, 24.0);
        return number;
    }

    @Test
    void fromOneMotherPlantToEveryoneWhoHasItsSeed() {
        String mother = clean(with(harvestOf(300, 1), "pickedFrom", "PLANT", "which", "plant 17"));
        String others = clean(harvestOf(6000, 250));
        String blend = blended(mother, others);
        String part = season.grower
                .post("/api/lots/" + blend + "/parts", record("masses", List.of(150), "transferredOn", "2026-08-14"))
                .ok()
                .at("/0/number")
                .asString();
        season.grower
                .post(
                        "/api/lots/" + mother + "/overrulings",
                        record(
                                "reason",
                                "TOO_FEW_MOTHERS",
                                "why",
                                "one plant, kept apart and sold as such",
                                "lawful",
                                true))
                .ok();
        sold(mother, "Croft, north");
        sold(blend, "Inn garden");
        sold(part, "=School plot");
        sold(others, "Nobody of these");

        JsonNode family = family(mother);
        assertThat(carriers(family)).containsExactlyInAnyOrder(mother, blend, part);
        assertThat(holders(mother).findValuesAsString("customer"))
                .containsExactly("=School plot", "Croft, north", "Inn garden");
        assertThat(family.get("customers").asInt()).isEqualTo(3);
        assertThat(family.get("packets").asInt()).isEqualTo(12);
        assertThat(member(family, mother).at("/picks/0").asString()).isEqualTo("plant 17");
        String list = Client.as("grower", port)
                .get("/api/lots/" + mother + "/recall.csv")
                .text();
        assertThat(list.lines())
                .hasSize(4)
                .first()
                .isEqualTo("customer,lot,mix,first_sold_on,last_sold_on,packets,bulk_g,told_on,told_how");
        assertThat(list)
                .contains("\"Croft, north\"," + mother + ",,2026-08-14,2026-08-14,4,")
                .as("no spreadsheet runs a customer's name")
                .contains("'=School plot");

        JsonNode upward = family(part);
        assertThat(upward.get("lots").findValuesAsString("number"))
                .containsExactlyInAnyOrder(mother, others, blend, part);
        assertThat(carriers(upward)).containsExactly(part);
        assertThat(holders(part).findValuesAsString("customer")).containsExactly("=School plot");
    }

    private JsonNode family(String number) {
        return season.grower.get("/api/lots/" + number + "/family").ok();
    }

    private JsonNode holders(String number) {
        return season.grower.get("/api/lots/" + number + "/holders").ok().get("items");
    }

    private static List<String> carriers(JsonNode family) {
        return family.get("lots")
                .valueStream()
                .filter(lot -> lot.get("carries").asBoolean())
                .map(lot -> lot.get("number").asString())
                .toList();
    }

    /** Whether Today asks what a planting was sown with. */
    private boolean asked(String about) {
        return season.tasks().stream()
                .filter(task -> Season.kindOf(task).equals("SayWhatWasSown"))
                .anyMatch(task -> task.path("plantingId").asString().equals(about));
    }

    private static JsonNode member(JsonNode family, String number) {
        return family.get("lots")
                .valueStream()
                .filter(lot -> lot.get("number").asString().equals(number))
                .findFirst()
                .orElseThrow();
    }

    /** A lot of the year before, of a variety, clean. */
    private String lastYears(String variety) {
        String grown = season.grower
                .post("/api/plantings", with(plantingOf(variety, season.plot(), "2025-03-20", 300), "season", 2025))
                .ok()
                .get("id")
                .asString();
        season.grower
                .post("/api/plantings/" + grown + "/sown-from-elsewhere", boughtOn("2025-03-20"))
                .ok();
        String number = season.numbered(grown);
        season.grower
                .post("/api/lots/" + number + "/picks", with(harvestOf(4000, 250), "pickedOn", "2025-08-01"))
                .ok();
        season.cleaned(number, 4000);
        return number;
    }

    private static Map<String, Object> boughtOn(String day) {
        return record(
                "sownOn",
                day,
                "supplier",
                "a neighbour's jar",
                "theirNumber",
                "J 7",
                "grownIn",
                2024,
                "treatment",
                "",
                "note",
                "");
    }

    private static Map<String, Object> sowing(String number, double grams, String day) {
        return record("number", number, "sownOn", day, "mass", grams, "note", "");
    }

    private String grownNow(String variety) {
        return season.grower
                .post("/api/plantings", plantingOf(variety, season.plot(), "2026-03-20", 300))
                .ok()
                .get("id")
                .asString();
    }

    private void sown(String in, String number, double grams) {
        season.grower
                .post("/api/plantings/" + in + "/sown", sowing(number, grams, "2026-03-21"))
                .ok();
    }

    @Test
    void fromThePacketThroughTwoGenerationsToTheNeighboursJarAndBack() {
        String variety = season.variety("pea");
        String old = lastYears(variety);
        String half = season.grower
                .post("/api/lots/" + old + "/parts", record("masses", List.of(500), "transferredOn", "2026-02-01"))
                .ok()
                .at("/0/number")
                .asString();
        planting = grownNow(variety);
        JsonNode proposed =
                season.grower.get("/api/plantings/" + planting + "/sown").ok().get("proposed");
        assertThat(proposed.findValuesAsString("number")).containsExactlyInAnyOrder(old, half);
        assertThat(proposed.at("/0/grams").asDouble()).as("of 300 plants").isBetween(60.0, 200.0);
        assertThat(asked(planting)).as("Today asks").isTrue();
        double before = season.lot(half).at("/stock/bulk").asDouble();
        sown(planting, half, 95);
        assertThat(season.lot(half).at("/stock/bulk").asDouble()).as("booked").isEqualTo(before - 95);
        assertThat(asked(planting)).as("and asks no more").isFalse();
        String standing = grownNow(variety);
        sown(standing, old, 20);
        season.walked(planting, 300);
        String young = clean(harvestOf(6000, 250));
        sold(young, "Croft, north");

        JsonNode up = family(young);
        assertThat(up.get("lots").findValuesAsString("number")).containsExactly(old, half, young);
        assertThat(carriers(up)).containsExactly(young);
        assertThat(up.at("/elsewhere/0/supplier").asString()).isEqualTo("a neighbour's jar");
        assertThat(up.at("/elsewhere/0/to/0").asString()).isEqualTo(old);
        assertThat(member(up, young).at("/generation/grown").asInt()).isEqualTo(2);
        assertThat(member(up, young).at("/generation/exact").asBoolean()).isTrue();
        assertThat(season.lot(young).at("/generation/grown").asInt()).isEqualTo(2);

        JsonNode down = family(old);
        assertThat(carriers(down)).containsExactly(old, half, young);
        assertThat(down.at("/standing/0/plantingId").asString())
                .as("stands, and has no lot yet")
                .isEqualTo(standing);
        assertThat(holders(old).findValuesAsString("customer")).containsExactly("Croft, north");
        assertThat(down.at("/sown").findValuesAsString("from")).containsExactlyInAnyOrder(half, old);
    }

    @Test
    void seedThatCannotHaveBeenSownIsRefused() {
        String old = lastYears(season.variety("pea"));
        String other = grownNow(season.variety("pea"));
        Client.Answer wrong = season.grower.post("/api/plantings/" + other + "/sown", sowing(old, 20, "2026-03-21"));
        assertThat(wrong.field()).as("another variety").isEqualTo("plantingId");
        String own = season.lot(old).at("/known/planting/id").asString();
        assertThat(season.grower
                        .post("/api/plantings/" + own + "/sown", sowing(old, 20, "2026-03-21"))
                        .field())
                .as("sown after it was picked")
                .isEqualTo("takenOn");
        assertThat(season.grower
                        .post("/api/plantings/" + other + "/sown-from-elsewhere", boughtOn("2026-08-20"))
                        .field())
                .as("in days to come")
                .isEqualTo("sownOn");
        assertThat(season.grower
                        .post(
                                "/api/plantings/" + other + "/sown-from-elsewhere",
                                with(boughtOn("2026-03-20"), "grownIn", 2027))
                        .field())
                .isEqualTo("grownIn");
    }

    @Test
    void aSowingWrittenDownWronglyIsTakenBackAndNothingHangsOnItAnyMore() {
        String variety = season.variety("pea");
        String old = lastYears(variety);
        planting = grownNow(variety);
        sown(planting, old, 95);
        JsonNode own =
                season.grower.get("/api/plantings/" + planting + "/sown").ok().at("/sown/own/0");
        season.grower
                .put(
                        "/api/withdrawals/" + own.at("/withdrawal/id").asString(),
                        record(
                                "why",
                                "SOWN",
                                "takenOn",
                                "2026-03-21",
                                "mass",
                                0,
                                "plantingId",
                                planting,
                                "note",
                                "",
                                "version",
                                0,
                                "reason",
                                "the other row"))
                .ok();
        JsonNode bought = season.grower
                .post("/api/plantings/" + planting + "/sown-from-elsewhere", boughtOn("2026-03-21"))
                .ok()
                .at("/sown/elsewhere/0");
        JsonNode corrected = season.grower
                .put(
                        "/api/sown-from-elsewhere/" + bought.get("id").asString(),
                        with(boughtOn("2026-03-22"), "mass", 40, "version", 0, "reason", "weighed"))
                .ok();
        assertThat(corrected.get("mass").asDouble()).isEqualTo(40);
        season.grower
                .put(
                        "/api/sown-from-elsewhere/" + bought.get("id").asString() + "/undone",
                        Season.changed(corrected.get("version").asInt(), "never sown"))
                .ok();
        JsonNode sown =
                season.grower.get("/api/plantings/" + planting + "/sown").ok();
        assertThat(sown.at("/sown/own")).isEmpty();
        assertThat(sown.at("/sown/elsewhere")).isEmpty();
        assertThat(sown.at("/generation/exact").asBoolean()).isFalse();
        assertThat(carriers(family(old))).containsExactly(old);
    }

    @Test
    void whatIsCalledBackIsHeldAndSoIsWhatItsSeedGives() {
        String variety = season.variety("pea");
        String old = lastYears(variety);
        planting = grownNow(variety);
        sown(planting, old, 95);
        String young = clean(harvestOf(6000, 250));
        season.walked(planting, 300);
        sold(young, "Croft, north");
        String standing = grownNow(variety);
        sown(standing, old, 20);

        JsonNode held = season.grower
                .post("/api/lots/" + old + "/recall", record("reason", "labels changed in the shed"))
                .ok();
        assertThat(held.get("lots").findValuesAsString("onHold"))
                .containsExactly("labels changed in the shed", "labels changed in the shed");
        assertThat(season.grower
                        .post("/api/lots/" + old + "/recall", record("reason", "once more"))
                        .field())
                .as("nothing is left to hold")
                .isEqualTo("reason");
        assertThat(season.lot(season.numbered(standing))
                        .at("/known/lot/hold/reason")
                        .asString())
                .as("numbered later")
                .startsWith("grown from " + old + ", which is on hold");
        String another = grownNow(variety);
        String before = season.numbered(another);
        assertThat(season.lot(before).at("/known/lot/hold").isMissingNode()).isTrue();
        sown(another, old, 10);
        assertThat(season.lot(before).at("/known/lot/hold/reason").asString())
                .as("numbered before anybody said with what it was sown")
                .startsWith("grown from " + old + ", which is on hold");

        String customer = holders(old).at("/0/customerId").asString();
        Map<String, Object> told = record("customerId", customer, "toldOn", "2026-08-14", "how", "by phone");
        JsonNode one = season.grower.post("/api/lots/" + old + "/told", told).ok();
        assertThat(holders(old).at("/0/told/how").asString()).isEqualTo("by phone");
        assertThat(holders(young).at("/0/told").isMissingNode())
                .as("of another recall")
                .isTrue();
        assertThat(season.grower
                        .post("/api/lots/" + old + "/told", with(told, "toldOn", "2026-08-15"))
                        .field())
                .isEqualTo("toldOn");
        season.grower
                .put(
                        "/api/told/" + one.get("id").asString(),
                        with(told, "toldOn", "2026-08-13", "version", 0, "reason", "it was yesterday"))
                .ok();
        assertThat(holders(old).at("/0/told").isMissingNode())
                .as("told before the last of it was sold")
                .isTrue();
        season.grower
                .put("/api/told/" + one.get("id").asString() + "/undone", Season.changed(1, "nobody was in"))
                .ok();
    }
}
