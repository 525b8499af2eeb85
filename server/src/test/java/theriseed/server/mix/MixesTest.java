package theriseed.server.mix;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static theriseed.server.Season.record;
import static theriseed.server.Season.with;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

@DemoFarmTest
class MixesTest {
    @LocalServerPort
    int port;

    Season season;
    Client grower;
    String one;
    String other;

    @BeforeEach
    void twoLotsThatMayBeSold() {
        season = new Season(port);
        grower = season.grower;
        one = season.sellable();
        other = season.sellable();
    }

    private static Map<String, Object> part(String number, double amount) {
        return record("number", number, "amount", amount);
    }

    private Map<String, Object> of(String by, Double total, double first, double second) {
        Map<String, Object> of = record("by", by, "parts", List.of(part(one, first), part(other, second)));
        return total == null ? of : with(of, "total", total);
    }

    private Client.Answer make(Map<String, Object> of) {
        return grower.post(
                "/api/mixes",
                record(
                        "name",
                        "Low cover " + UUID.randomUUID(),
                        "mixedOn",
                        "2026-08-14",
                        "note",
                        "",
                        "of",
                        with(of, "seedsPerSquareMetre", 80)));
    }

    private static String number(JsonNode mix) {
        return mix.get("number").asString();
    }

    private static String at(JsonNode mix) {
        return "/api/mixes/" + number(mix);
    }

    private JsonNode packed(JsonNode mix, int packets) {
        return grower.post(
                        at(mix) + "/packing",
                        record(
                                "packedOn",
                                "2026-08-14",
                                "grams",
                                50,
                                "packets",
                                packets,
                                "price",
                                "4.20",
                                "sowBy",
                                2027))
                .ok();
    }

    private Client.Answer sell(JsonNode packed, int packets, String customer) {
        return grower.post(
                at(packed) + "/sales",
                record(
                        "customer",
                        customer,
                        "kind",
                        "SALE",
                        "soldOn",
                        "2026-08-14",
                        "packingId",
                        packed.at("/packings/0/id").asString(),
                        "packets",
                        packets,
                        "note",
                        ""));
    }

    private double bulk(String lot) {
        return season.lot(lot).at("/stock/bulk").asDouble();
    }

    @Test
    void whatGoesIntoItIsWithdrawnFromItsLotsAndItIsKnownByASharesOfSeed() {
        double before = bulk(one);
        JsonNode mix = make(of("GRAMS", null, 300, 100)).ok();
        assertThat(number(mix)).matches("26-MIX-\\d\\d-.");
        assertThat(bulk(one)).isCloseTo(before - 300, within(1e-6));
        assertThat(mix.at("/of/shares/0/mass").asDouble()).isCloseTo(0.75, within(1e-9));
        assertThat(mix.at("/of/shares/0/seeds").asDouble())
                .as("seed of one size")
                .isCloseTo(0.75, within(1e-9));
        double perGram = mix.at("/of/seedsPerGram").asDouble();
        assertThat(mix.get("gramsPerSquareMetre").asDouble()).isCloseTo(80 / perGram, within(1e-9));
        assertThat(grower.get("/api/search?q=" + number(mix))
                        .ok()
                        .at("/opens/key")
                        .asString())
                .isEqualTo(number(mix));
    }

    @Test
    void sharesAndATotalComeToGrams() {
        Map<String, Object> plan = of("SEEDS", 200.0, 1, 3);
        JsonNode planned = grower.post("/api/mixes/plan", plan).ok();
        assertThat(planned.at("/grams/0").asDouble() + planned.at("/grams/1").asDouble())
                .isCloseTo(200, within(0.002));
        assertThat(planned.at("/of/shares/1/seeds").asDouble()).isCloseTo(0.75, within(1e-4));
        assertThat(grower.post("/api/mixes/plan", of("SEEDS", 200.0, 0, 3)).field())
                .isEqualTo("parts[0].amount");
        assertThat(grower.post("/api/mixes/plan", of("GRAMS", null, 3, Double.MAX_VALUE))
                        .status())
                .isEqualTo(400);
        plan.remove("total");
        assertThat(grower.post("/api/mixes/plan", plan).field()).isEqualTo("total");
    }

    @Test
    void onlySeedThatMayBeSoldAndNobodyWaitsForGoesIn() {
        String untested = season.picked(season.planted("pea", "2026-03-20", 300), 9000, 290);
        season.cleaned(untested, 400);
        Map<String, Object> with = record("by", "GRAMS", "parts", List.of(part(one, 10), part(untested, 10)));
        assertThat(make(with).field()).isEqualTo("number");
        grower.put("/api/lots/" + one + "/reserve", record("version", season.versionOf(one), "grams", bulk(one) - 5))
                .ok();
        assertThat(make(of("GRAMS", null, 10, 10)).field()).isEqualTo("parts[0].amount");
        assertThat(make(record("by", "GRAMS", "parts", List.of(part(one, 1), part(one, 1))))
                        .field())
                .isEqualTo("parts[1].number");
    }

    @Test
    void nothingLeavesThatIsHeldBackInAnyPart() {
        JsonNode packed = packed(make(of("GRAMS", null, 300, 100)).ok(), 4);
        sell(packed, 1, "Inn garden").ok();
        grower.post("/api/lots/" + other + "/hold", record("reason", "a label came off"))
                .ok();
        JsonNode held = grower.get(at(packed)).ok();
        assertThat(held.get("mayBeSold").asBoolean()).isFalse();
        assertThat(held.at("/parts/1/holding/0/kind").asString()).isEqualTo("OnHold");
        assertThat(sell(packed, 1, "Inn garden").text()).contains("a label came off");
    }

    @Test
    void packetsAndGramsThatAreNotThereAreNotSold() {
        JsonNode mix = make(of("GRAMS", null, 300, 100)).ok();
        Map<String, Object> tooMany =
                record("packedOn", "2026-08-14", "grams", 50, "packets", 9, "price", "4.20", "sowBy", 2027);
        assertThat(grower.post(at(mix) + "/packing", tooMany).field()).isEqualTo("packets");
        JsonNode packed = packed(mix, 4);
        assertThat(packed.get("bulk").asDouble()).isBetween(150.0, 200.0);
        assertThat(sell(packed, 5, "Inn garden").field()).isEqualTo("packets");
        JsonNode sold = sell(packed, 3, "Inn garden").ok();
        assertThat(sold.get("packets").asInt()).isEqualTo(1);
        assertThat(sold.get("brought").asDouble()).isCloseTo(12.6, within(1e-9));
        String sale = at(mix) + "/sales/" + sold.at("/sales/0/id").asString();
        JsonNode fewer = grower.put(
                        sale, record("packets", 2, "price", "8.40", "version", 0, "reason", "one came back unopened"))
                .ok();
        assertThat(fewer.get("packets").asInt()).isEqualTo(2);
        String packing = at(mix) + "/packing/" + packed.at("/packings/0/id").asString();
        assertThat(grower.put(packing, record("packets", 1, "price", "4.20", "version", 0, "reason", "miscounted"))
                        .field())
                .isEqualTo("packets");
        assertThat(grower.get(at(mix) + "/corrections")
                        .ok()
                        .valueStream()
                        .map(one -> one.get("reason").asString()))
                .contains("one came back unopened");
    }

    @Test
    void aPartThatWasWeighedWronglyIsPutRightAsLongAsWhatLeftWasThere() {
        JsonNode mix = packed(make(of("GRAMS", null, 300, 100)).ok(), 7);
        String part = at(mix) + "/parts/" + mix.at("/parts/0/id").asString();
        assertThat(grower.put(part, record("mass", 200, "version", 0, "reason", "the bowl was on the scale"))
                        .field())
                .isEqualTo("mass");
        double before = bulk(one);
        JsonNode right = grower.put(part, record("mass", 290, "version", 0, "reason", "the bowl was on the scale"))
                .ok();
        assertThat(right.get("mass").asDouble()).isEqualTo(390);
        assertThat(bulk(one)).isCloseTo(before + 10, within(1e-6));
        String withdrawal = "/api/withdrawals/" + mix.at("/parts/0/id").asString();
        Map<String, Object> otherwise = record(
                "why", "SPOILT", "takenOn", "2026-08-14", "mass", 1, "note", "wet", "version", 1, "reason", "other");
        assertThat(grower.put(withdrawal, otherwise).text()).contains(number(mix));
    }

    @Test
    void aRecallGoesThroughMixesToWhoeverHasSomeAndHoldsThem() {
        JsonNode packed = packed(make(of("GRAMS", null, 300, 100)).ok(), 4);
        String customer = "Garden " + UUID.randomUUID();
        sell(packed, 2, customer).ok();
        JsonNode family = grower.get("/api/lots/" + one + "/family").ok();
        assertThat(family.at("/mixes/0/number").asString()).isEqualTo(number(packed));
        assertThat(family.at("/mixes/0/from/0/mass").asDouble()).isEqualTo(300);
        assertThat(family.get("customers").asInt()).isEqualTo(1);
        JsonNode holder = grower.get("/api/lots/" + one + "/holders").ok().at("/items/0");
        assertThat(holder.get("customer").asString()).isEqualTo(customer);
        assertThat(holder.get("mix").asString()).isEqualTo(number(packed));
        assertThat(holder.get("bulk").asDouble()).as("three quarters of 100 g").isEqualTo(75);
        grower.post("/api/lots/" + one + "/recall", record("reason", "it came up crossed"))
                .ok();
        assertThat(grower.get(at(packed)).ok().get("onHold").asString()).isEqualTo("it came up crossed");
        assertThat(sell(packed, 1, customer).text()).contains("it came up crossed");
        JsonNode back = grower.get(at(packed) + "/family").ok();
        assertThat(back.get("lots").findValuesAsString("number")).contains(one, other);
        assertThat(back.get("packets").asInt()).isEqualTo(2);
    }

    @Test
    void whatItBringsIsSharedAmongItsLotsByWeight() {
        JsonNode packed = packed(make(of("GRAMS", null, 300, 100)).ok(), 4);
        sell(packed, 2, "Inn garden").ok();
        assertThat(season.lot(one).at("/stock/brought").asDouble()).isCloseTo(8.4 * 0.75, within(1e-6));
    }

    @Test
    void itsLabelNamesEverythingInIt() throws IOException {
        JsonNode packed = packed(make(of("GRAMS", null, 300, 100)).ok(), 2);
        String labels = at(packed) + "/packing/" + packed.at("/packings/0/id").asString() + "/labels.pdf?price=true";
        try (PDDocument pdf = Loader.loadPDF(grower.get(labels).body())) {
            assertThat(new PDFTextStripper().getText(pdf))
                    .contains("75 %", "25 %", one, other, "germinates 94 %", "enough for", "4.20 EUR", number(packed));
        }
    }

    @Test
    void whoeverLooksSeesNoneAndAHandSellsNone() {
        JsonNode packed = packed(make(of("GRAMS", null, 300, 100)).ok(), 2);
        assertThat(Client.as("visitor", port).get(at(packed)).status()).isEqualTo(403);
        Map<String, Object> release = record("reason", "looked at again");
        Client hand = Client.as("hand", port);
        hand.post(at(packed) + "/hold", record("reason", "smells damp")).ok();
        assertThat(hand.post(at(packed) + "/release", release).status()).isEqualTo(403);
        grower.post(at(packed) + "/release", release).ok();
    }
}
