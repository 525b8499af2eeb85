package theriseed.server.stall;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static theriseed.server.Season.packingOf;
import static theriseed.server.Season.record;
import static theriseed.server.Season.saleOf;
import static theriseed.server.Season.stepOf;
import static theriseed.server.Season.with;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import java.util.stream.IntStream;
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
class StallTest {
    @LocalServerPort
    int port;

    Season season;
    String number;

    @BeforeEach
    void sellable() {
        season = new Season(port);
        number = season.sellable();
    }

    private JsonNode stock() {
        return season.lot(number).get("stock");
    }

    private Client.Answer sold(Map<String, Object> sale) {
        return season.grower.post("/api/lots/" + number + "/sales", sale);
    }

    @Test
    void aPackingRunFillsPacketsFromTheBulkAndWeighsUp() {
        double before = stock().get("bulk").asDouble();
        JsonNode plan = season.grower
                .post("/api/lots/" + number + "/packing/plan", packingOf(100, null))
                .ok();
        assertThat(plan.get("fill").asDouble()).as("never under the label").isGreaterThan(24.075);
        assertThat(plan.get("meanCount").asDouble()).isGreaterThan(100);

        season.packed(number, 100, 50);
        JsonNode stock = stock();
        assertThat(stock.get("packets").asInt()).isEqualTo(50);
        double taken = before - stock.get("bulk").asDouble();
        double filled = 50 * stock.at("/runs/0/fill").asDouble();
        assertThat(taken).as("what was filled and one in a hundred spilt").isCloseTo(filled / 0.99, within(0.01));
    }

    @Test
    void packetsByWeightNeedNoSeedCount() {
        Map<String, Object> packing = packingOf(1, 10);
        packing.remove("seeds");
        packing.put("grams", 20);
        JsonNode run =
                season.grower.post("/api/lots/" + number + "/packing", packing).ok();
        assertThat(run.get("fill").asDouble()).isBetween(20.0, 22.0);
        assertThat(season.grower
                        .post("/api/lots/" + number + "/packing", with(packing, "seeds", 100))
                        .detail())
                .contains("how many seeds a packet holds, what it weighs");
    }

    @Test
    void packetsTooLightForTheScaleAreWeighedTogetherOrFilledWithASpoon() {
        String path = "/api/lots/" + number + "/packing";
        JsonNode weighed = season.grower
                .post(path + "/plan", with(packingOf(2, 10), "scaleStep", 0.1))
                .ok();
        double fill = weighed.get("fill").asDouble();
        assertThat(weighed.at("/together/packets").asInt()).isGreaterThan(1);
        assertThat(weighed.at("/together/grams").asDouble())
                .isCloseTo(fill * weighed.at("/together/packets").asInt(), within(1e-9));
        Map<String, Object> spoon = with(packingOf(2, 10), "tenSpoons", fill * 8);
        JsonNode spooned = season.grower.post(path + "/plan", spoon).ok();
        assertThat(spooned.has("together")).isFalse();
        assertThat(spooned.at("/spoons/each").asInt()).isEqualTo(2);
        assertThat(spooned.get("fill").asDouble()).isCloseTo(fill * 1.6, within(1e-9));
        assertThat(spooned.get("overfill").asDouble())
                .isGreaterThan(weighed.get("overfill").asDouble());
        assertThat(season.grower
                        .post(path + "/plan", with(spoon, "tenSpoons", 0.0001))
                        .field())
                .isEqualTo("tenSpoons");
        assertThat(season.grower.post(path, spoon).ok().get("fill").asDouble()).isCloseTo(fill * 1.6, within(1e-3));
    }

    @Test
    void aPackingRunIsCorrectedNeverBelowWhatLeftSinceNorAboveWhatTheBulkFills() {
        String run = season.packed(number, 100, 30);
        double bulk = stock().get("bulk").asDouble();
        double fill = stock().at("/runs/0/fill").asDouble();
        sold(saleOf(run, 12)).ok();
        String path = "/api/packing-runs/" + run;
        Map<String, Object> fewer = record(
                "packedOn",
                "2026-08-12",
                "packets",
                28,
                "price",
                2.75,
                "sowBy",
                2027,
                "people",
                2,
                "minutes",
                50,
                "version",
                0,
                "reason",
                "");
        assertThat(season.grower.put(path, fewer).field()).isEqualTo("reason");
        fewer.put("reason", "counted twice");
        assertThat(season.grower.put(path, with(fewer, "packets", 11)).field()).isEqualTo("packets");
        assertThat(season.grower.put(path, with(fewer, "packets", 90_000)).detail())
                .contains("not so much");
        assertThat(season.grower
                        .put(path, with(fewer, "packedOn", "2026-07-31"))
                        .field())
                .as("before it was picked")
                .isEqualTo("packedOn");
        assertThat(season.grower
                        .put(path, with(fewer, "packedOn", "2026-08-15"))
                        .field())
                .as("after some were sold")
                .isEqualTo("packedOn");
        assertThat(season.grower.put(path, with(fewer, "price", -1)).field()).isEqualTo("price");
        assertThat(season.grower.put(path, with(fewer, "sowBy", 2019)).field()).isEqualTo("sowBy");
        JsonNode corrected = season.grower.put(path, fewer).ok();
        assertThat(corrected.get("left").asInt()).isEqualTo(16);
        assertThat(corrected.get("packedOn").asString()).isEqualTo("2026-08-12");
        assertThat(corrected.get("price").asDouble()).isEqualTo(2.75);
        assertThat(stock().get("bulk").asDouble())
                .as("two packets go back into the bulk")
                .isCloseTo(bulk + 2 * fill / 0.99, within(0.01));
        assertThat(season.grower.put(path, fewer).status()).isEqualTo(409);
        assertThat(season.lot(number).get("corrections").toString()).contains("counted twice", "packing run");
    }

    @Test
    void kindsPackedBeforeAreOfferedAgainThoseOfTheVarietyFirst() {
        String other = season.sellable();
        season.packed(number, 75, 10);
        Map<String, Object> byWeight = packingOf(1, 10);
        byWeight.remove("seeds");
        season.grower
                .post("/api/lots/" + number + "/packing", with(byWeight, "grams", 20))
                .ok();
        JsonNode mine =
                season.grower.get("/api/lots/" + number + "/packed-before").ok();
        assertThat(mine.at("/0/sameVariety").asBoolean()).isTrue();
        assertThat(mine.findValuesAsString("seeds")).contains("75").doesNotHaveDuplicates();
        assertThat(mine.findValuesAsString("grams")).anyMatch(grams -> Double.parseDouble(grams) == 20);
        JsonNode others =
                season.grower.get("/api/lots/" + other + "/packed-before").ok();
        assertThat(others.size()).isBetween(2, 6);
    }

    @Test
    void aSaleIsCorrectedToWhatItWasAndWhatItWasStaysKnown() {
        String run = season.packed(number, 100, 30);
        String sale = sold(with(saleOf(run, 20), "customer", "Croft Nine"))
                .ok()
                .get("id")
                .asString();
        Map<String, Object> twelve = record(
                "soldOn", "2026-08-14", "packets", 12, "price", 30, "note", "", "version", 0, "reason", "miscounted");
        assertThat(season.grower
                        .put("/api/sales/" + sale, with(twelve, "packets", 31))
                        .field())
                .isEqualTo("packets");
        assertThat(season.grower
                        .put("/api/sales/" + sale, with(twelve, "reason", ""))
                        .field())
                .isEqualTo("reason");
        season.grower.put("/api/sales/" + sale, twelve).ok();
        assertThat(stock().get("packets").asInt()).isEqualTo(18);
        assertThat(season.grower.put("/api/sales/" + sale, twelve).status()).isEqualTo(409);
        Map<String, Object> none = with(twelve, "version", 1, "packets", 0);
        assertThat(season.grower.put("/api/sales/" + sale, none).field()).isEqualTo("price");
        season.grower.put("/api/sales/" + sale, with(none, "price", 0)).ok();
        assertThat(stock().get("packets").asInt()).isEqualTo(30);
        assertThat(season.grower.get("/api/lots/" + number + "/holders").ok().get("items"))
                .as("nobody has any")
                .isEmpty();
        assertThat(season.lot(number).get("sales")).isEmpty();
    }

    @Test
    void whatIsSoldOutIsNotOfferedAnyMore() {
        JsonNode mine = null;
        for (JsonNode one : season.grower.get("/api/stocked").ok().get("lots")) {
            assertThat(one.at("/stock/bulk").asDouble()
                            + one.at("/stock/packets").asDouble())
                    .isPositive();
            mine = one.at("/lot/number").asString().equals(number) ? one : mine;
        }
        assertThat(mine).isNotNull();
        sold(record(
                        "customer",
                        "Croft",
                        "soldOn",
                        "2026-08-14",
                        "bulk",
                        stock().get("bulk").decimalValue(),
                        "price",
                        1))
                .ok();
        assertThat(season.grower.get("/api/stocked").text()).doesNotContain(number);
        assertThat(season.grower.get("/api/seed-room/stocked").text()).doesNotContain(number);
    }

    @Test
    void theStallIsTurnedPageByPageAndShowsFirstWhatMayBeSold() {
        season.grower
                .post("/api/lots/" + season.sellable() + "/hold", record("reason", "found on the bench"))
                .ok();
        List<JsonNode> all = new ArrayList<>();
        JsonNode page = season.grower.get("/api/stall?size=2").ok();
        for (int at = 0; at < page.at("/lots/pages").asInt(); at++) {
            season.grower
                    .get("/api/stall?size=2&page=" + at)
                    .ok()
                    .at("/lots/items")
                    .forEach(all::add);
        }
        List<Boolean> sold =
                all.stream().map(lot -> lot.at("/gate/mayBeSold").asBoolean()).toList();
        assertThat(sold)
                .isSortedAccordingTo(Comparator.reverseOrder())
                .hasSize(page.at("/lots/total").asInt());
        assertThat(sold.stream().filter(may -> may).count())
                .isEqualTo(page.get("ready").asLong())
                .isPositive();
        assertThat(season.grower
                        .get("/api/seed-room/stocked?size=1")
                        .ok()
                        .at("/lots/total")
                        .asInt())
                .isEqualTo(page.at("/lots/total").asInt());
    }

    @Test
    void nothingIsSoldThatIsNotThere() {
        String run = season.packed(number, 100, 50);
        Client.Answer over = sold(saleOf(run, 51));
        assertThat(over.status()).isEqualTo(400);
        assertThat(over.detail()).contains("packets: 51", "at least 1 and at most 50", "left");
        sold(saleOf(run, 30)).ok();
        assertThat(sold(saleOf(run, 21)).detail()).contains("at least 1 and at most 20");
        double bulk = stock().get("bulk").asDouble();
        Map<String, Object> all =
                record("customer", "Croft, east", "soldOn", "2026-08-14", "bulk", bulk, "price", "90.00");
        assertThat(sold(with(all, "bulk", bulk + 0.001)).field()).isEqualTo("bulk");
        assertThat(sold(with(all, "bulk", bulk * 900)).detail())
                .as("grams typed for kilograms")
                .contains("Was it");
        sold(all).ok();
        assertThat(stock().get("bulk").asDouble()).isZero();
        assertThat(stock().get("packets").asInt()).isEqualTo(20);
        assertThat(stock().get("packetsSold").asInt()).isEqualTo(30);
    }

    @Test
    void twoWhoSellTheLastPacketsAtOnceDoNotBothGetThem() throws Exception {
        String run = season.packed(number, 100, 10);
        var sellers = Executors.newFixedThreadPool(4);
        try {
            Callable<Integer> sell = () -> sold(saleOf(run, 4)).status();
            long through = 0;
            for (var one :
                    sellers.invokeAll(IntStream.range(0, 8).mapToObj(i -> sell).toList())) {
                through += one.get() == 200 ? 1 : 0;
            }
            assertThat(through).isEqualTo(2);
        } finally {
            sellers.shutdown();
        }
        assertThat(stock().get("packets").asInt()).isEqualTo(2);
    }

    @ParameterizedTest
    @CsvSource({
        "packets, 0, packets",
        "packets, -1, packets",
        "price, -1, price",
        "customer, '', customer",
        "soldOn, 2026-08-13, soldOn",
        "soldOn, 2026-08-15, soldOn"
    })
    void aSaleThatMakesNoSenseIsRefused(String part, String value, String field) {
        String run = season.packed(number, 100, 10);
        Client.Answer refused = sold(with(saleOf(run, 1), part, value));
        assertThat(refused.status()).as(refused.text()).isEqualTo(400);
        assertThat(refused.field()).isEqualTo(field);
        assertThat(stock().get("packetsSold").asInt()).isZero();
    }

    @ParameterizedTest
    @CsvSource({
        "packets, 5000, packets",
        "packets, 0, packets",
        "seeds, 0, seeds",
        "seeds, 90000000, seeds",
        "reserve, -1, reserve",
        "reserve, 90000, reserve",
        "price, -2, price",
        "packedOn, 2026-07-01, packedOn"
    })
    void aPackingThatMakesNoSenseIsRefused(String part, String value, String field) {
        Client.Answer refused =
                season.grower.post("/api/lots/" + number + "/packing", with(packingOf(100, 10), part, value));
        assertThat(refused.status()).as(refused.text()).isEqualTo(400);
        assertThat(refused.field()).isEqualTo(field);
        assertThat(stock().get("runs").isEmpty()).isTrue();
    }

    @Test
    void whatTheGateHoldsBackIsNeitherPackedNorSold() {
        String run = season.packed(number, 100, 10);
        season.grower
                .post("/api/lots/" + number + "/hold", record("reason", "weevil seen"))
                .ok();
        assertThat(sold(saleOf(run, 1)).detail()).contains("may not be packed or sold: on hold");
        assertThat(season.grower
                        .post("/api/lots/" + number + "/packing", packingOf(100, 1))
                        .detail())
                .contains("on hold");
    }

    @Test
    void packedSeedIsNotCleanedAgainNorCorrectedAway() {
        season.packed(number, 100, null);
        assertThat(season.grower
                        .post(
                                "/api/lots/" + number + "/steps",
                                with(
                                        stepOf("HAND_PICK", 100, 90),
                                        "begunAt",
                                        "2026-08-13T09:00",
                                        "endedAt",
                                        "2026-08-13T10:00"))
                        .detail())
                .contains("packed or transferred already");
        JsonNode last = season.lot(number).at("/known/bench/steps/4");
        Map<String, Object> less = with(
                stepOf(
                        "HAND_PICK",
                        last.get("massIn").asDouble(),
                        last.get("massOut").asDouble() - 400),
                "version",
                last.get("version").asInt(),
                "reason",
                "mistyped");
        assertThat(season.grower
                        .put("/api/steps/" + last.get("id").asString(), less)
                        .detail())
                .contains("Put the packets right first");
    }

    @Test
    void everyReasonIsListedNotOnlyTheFirst() {
        String bare = season.picked(season.planted("pea", "2026-03-20", 300), 9000, 290);
        assertThat(season.lot(bare).at("/known/gate/reasons").toString())
                .contains("NOT_WALKED", "NOT_CLEAN", "SEED_WEIGHT_UNKNOWN", "UNTESTED");
    }

    @Test
    void whoHasSeedOfALotIsKnown() {
        String run = season.packed(number, 100, 10);
        sold(with(saleOf(run, 3), "customer", "Inn shop")).ok();
        sold(with(saleOf(run, 2), "customer", "inn SHOP ")).ok();
        assertThat(season.lot(number).get("sales").findValuesAsString("customer"))
                .as("one customer, however it is typed")
                .containsExactly("Inn shop", "Inn shop");
        assertThat(season.grower.get("/api/customers").ok().toString()).containsOnlyOnce("Inn shop");
    }

    private static Map<String, Object> back(int packets, double money, boolean keep, String note) {
        return record("packets", packets, "returnedOn", "2026-08-14", "moneyBack", money, "keep", keep, "note", note);
    }

    @Test
    void whatACustomerBringsBackIsAReturnNotACorrection() {
        String run = season.packed(number, 100, 30);
        String sale = sold(with(saleOf(run, 20), "customer", "Croft " + number, "price", 50))
                .ok()
                .get("id")
                .asString();
        String path = "/api/sales/" + sale + "/returns";
        assertThat(season.grower.post(path, back(21, 0, true, "")).field()).isEqualTo("packets");
        assertThat(season.grower.post(path, back(2, 51, true, "")).field()).isEqualTo("moneyBack");
        assertThat(season.grower.post(path, back(2, 5, false, "")).field()).isEqualTo("note");
        assertThat(season.grower
                        .post(path, with(back(2, 5, true, ""), "returnedOn", "2026-08-01"))
                        .field())
                .isEqualTo("returnedOn");
        JsonNode kept = season.grower.post(path, back(4, 10, true, "too many")).ok();
        season.grower.post(path, back(6, 15, false, "wet in the post")).ok();
        assertThat(stock().get("packets").asInt())
                .as("four are back, six were thrown away")
                .isEqualTo(14);
        assertThat(stock().get("packetsSold").asInt()).isEqualTo(10);
        assertThat(stock().get("brought").asDouble()).isEqualTo(25);
        assertThat(season.grower
                        .get("/api/lots/" + number + "/holders")
                        .ok()
                        .at("/items/0/packets")
                        .asInt())
                .isEqualTo(10);
        assertThat(stock().get("withdrawals").toString()).contains("SPOILT", "wet in the post");
        Map<String, Object> corrected = record(
                "soldOn", "2026-08-14", "packets", 9, "price", 50, "note", "", "version", 0, "reason", "miscounted");
        assertThat(season.grower.put("/api/sales/" + sale, corrected).field())
                .as("ten came back of it")
                .isEqualTo("packets");
        assertThat(season.grower
                        .put("/api/sales/" + sale, with(corrected, "packets", 20, "price", 24))
                        .field())
                .isEqualTo("price");
        String back = kept.get("id").asString();
        sold(with(saleOf(run, 14), "customer", "Inn shop")).ok();
        Map<String, Object> two = with(back(2, 5, true, "too many"), "version", 0, "reason", "two were his own");
        assertThat(season.grower.put("/api/returns/" + back, two).field())
                .as("what came back was sold again")
                .isEqualTo("packets");
        assertThat(season.grower
                        .put("/api/sales/" + back, with(corrected, "packets", 2))
                        .status())
                .isEqualTo(404);
        season.grower
                .put("/api/returns/" + back, with(two, "packets", 4, "moneyBack", 8))
                .ok();
        assertThat(season.lot(number).get("corrections").toString()).contains("two were his own");
        assertThat(season.grower.get("/api/sheets/sales.csv").text()).contains(",-6,");
    }

    @Test
    void whoBroughtAllBackHasNone() {
        String run = season.packed(number, 100, 10);
        String sale = sold(with(saleOf(run, 3), "price", 6)).ok().get("id").asString();
        season.grower
                .post("/api/sales/" + sale + "/returns", back(3, 6, true, ""))
                .ok();
        assertThat(season.grower.get("/api/lots/" + number + "/holders").ok().get("items"))
                .isEmpty();
        assertThat(stock().get("packets").asInt()).isEqualTo(10);
    }

    @Test
    void whoHadGoneIsACustomerAgainWithTheNextSale() {
        String run = season.packed(number, 100, 10);
        String name = "Croft " + number;
        String id = sold(with(saleOf(run, 1), "customer", name))
                .ok()
                .get("customerId")
                .asString();
        season.grower
                .post("/api/customers/" + id + "/end", Season.changed(0, "moved away"))
                .ok();
        assertThat(season.grower.get("/api/customers").ok().toString()).doesNotContain(name);
        sold(with(saleOf(run, 1), "customer", name)).ok();
        assertThat(season.grower.get("/api/customers").ok().toString()).contains(name);
    }

    @Test
    void salesOfALotAreCountedTogetherAndOnlyTheLastAreShown() {
        String run = season.packed(number, 100, 40);
        double free = stock().get("free").asDouble();
        for (int i = 1; i <= 14; i++) {
            sold(with(with(saleOf(run, 1), "customer", "Hut " + i), "price", 3)).ok();
        }
        sold(with(with(record("bulk", 250, "soldOn", "2026-08-14", "price", 7.5), "customer", "Hut 15"), "note", ""))
                .ok();
        assertThat(stock().get("packetsSold").asInt()).isEqualTo(14);
        assertThat(stock().get("packets").asInt()).isEqualTo(26);
        assertThat(stock().get("bulkSold").asDouble()).isEqualTo(250);
        assertThat(stock().get("brought").asDouble()).isEqualTo(14 * 3 + 7.5);
        assertThat(stock().get("free").asDouble()).isEqualTo(free - 250);
        assertThat(season.lot(number).get("sales")).hasSize(12);
        assertThat(season.grower.get("/api/lots/" + number + "/holders").ok().get("items"))
                .hasSize(15);
    }
}
