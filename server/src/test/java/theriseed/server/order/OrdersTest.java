package theriseed.server.order;

import static org.assertj.core.api.Assertions.assertThat;
import static theriseed.server.Season.packingOf;
import static theriseed.server.Season.record;
import static theriseed.server.Season.saleOf;
import static theriseed.server.Season.with;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
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
class OrdersTest {
    @LocalServerPort
    int port;

    Season season;
    Client grower;
    String number;
    String variety;
    String run;

    /** Forty packets of fifty peas. */
    @BeforeEach
    void packed() {
        season = new Season(port);
        grower = season.grower;
        number = season.sellable();
        variety = season.lot(number).at("/known/planting/variety/id").asString();
        run = season.packed(number, 50, 40);
    }

    private String customer(Object... more) {
        return grower.post("/api/customers", with(record("name", "Shop " + UUID.randomUUID(), "kind", "SHOP"), more))
                .ok()
                .get("id")
                .asString();
    }

    private Map<String, Object> packets(int packets) {
        return record("varietyId", variety, "seeds", 50, "packets", packets);
    }

    @SafeVarargs
    private Map<String, Object> orderOf(String customer, Map<String, Object>... lines) {
        return record(
                "customerId",
                customer,
                "kind",
                "SALE",
                "orderedOn",
                "2026-08-14",
                "wantedOn",
                "2026-09-01",
                "note",
                "",
                "lines",
                List.of(lines));
    }

    private JsonNode ordered(int packets) {
        return grower.post("/api/orders", orderOf(customer(), packets(packets))).ok();
    }

    private int left(String what) {
        return season.lot(number).at("/stock/runs/0/" + what).asInt();
    }

    private static Map<String, Object> today() {
        return record("on", "2026-08-14", "note", "");
    }

    private static String at(JsonNode order) {
        return "/api/orders/" + order.get("id").asString();
    }

    @Test
    void whatIsPromisedIsNobodyElses() {
        JsonNode order = ordered(30);
        assertThat(order.get("state").asString()).isEqualTo("READY");
        assertThat(left("left")).isEqualTo(40);
        assertThat(left("free")).isEqualTo(10);
        assertThat(grower.post("/api/lots/" + number + "/sales", saleOf(run, 11))
                        .field())
                .isEqualTo("packets");
        grower.post("/api/lots/" + number + "/sales", saleOf(run, 10)).ok();
        JsonNode done = grower.post(at(order) + "/deliver", today()).ok();
        assertThat(done.get("state").asString()).isEqualTo("DONE");
        assertThat(left("left")).isZero();
        assertThat(season.lot(number).at("/stock/packetsSold").asInt()).isEqualTo(40);
    }

    @Test
    void theOldestLotThatMayBeSoldThenGoesFirst() {
        String older = olderLot();
        JsonNode order = ordered(45);
        assertThat(order.at("/lines/0/out").findValuesAsString("number")).containsExactly(older, number);
        assertThat(order.at("/lines/0/out/0/much").asInt()).isEqualTo(10);
        grower.post("/api/lots/" + older + "/hold", record("reason", "two jars, one label"))
                .ok();
        JsonNode other = ordered(5);
        assertThat(other.at("/lines/0/out").findValuesAsString("number")).containsExactly(number);
        JsonNode late = grower.post("/api/orders", with(orderOf(customer(), packets(3)), "wantedOn", "2028-03-01"))
                .ok();
        assertThat(late.get("state").asString())
                .as("its test has run out by then")
                .isEqualTo("SHORT");
    }

    /** Ten packets of the season before, of the same variety. */
    private String olderLot() {
        String planting = grower.post(
                        "/api/plantings",
                        with(Season.plantingOf(variety, season.plot(), "2025-03-20", 300), "season", 2025))
                .ok()
                .get("id")
                .asString();
        grower.post(
                        "/api/plantings/" + planting + "/walks",
                        with(Season.walkOf("flowering", 300, 0), "walkedOn", "2025-07-01"))
                .ok();
        String older = season.numbered(planting);
        grower.post("/api/lots/" + older + "/picks", with(Season.harvestOf(900, 290), "pickedOn", "2025-08-01"))
                .ok();
        season.cleaned(older, 900);
        season.tested(older, 24.1, 23.9, 24.3, 24.0);
        season.packed(older, 50, 10);
        return older;
    }

    @Test
    void anOrderLargerThanTheStockIsShortAndDeliveredInParts() {
        JsonNode order = ordered(60);
        assertThat(order.get("state").asString()).isEqualTo("SHORT");
        assertThat(order.at("/lines/0/missing").asInt()).isEqualTo(20);
        JsonNode part = grower.post(at(order) + "/deliver", today()).ok();
        assertThat(part.get("state").asString()).isEqualTo("SHORT");
        assertThat(part.at("/lines/0/delivered").asInt()).isEqualTo(40);
        assertThat(grower.post(at(order) + "/deliver", today()).field()).isEqualTo("only");
        season.packed(number, 50, 25);
        JsonNode again = grower.post(at(order) + "/allocate", Map.of()).ok();
        assertThat(again.get("state").asString()).isEqualTo("READY");
        JsonNode done = grower.post(at(order) + "/deliver", today()).ok();
        assertThat(done.get("state").asString()).isEqualTo("DONE");
        assertThat(done.get("deliveries").findValuesAsString("number")).containsExactly("1", "2");
        assertThat(done.at("/lines/0/out/1/delivery").asInt()).isEqualTo(2);
    }

    @Test
    void aDeliveryTakenBackIsPromisedAgainAndItsNumberIsNotUsedTwice() {
        JsonNode order = ordered(30);
        assertThat(grower.post(at(order) + "/deliveries/1/back", record("reason", "not yet"))
                        .status())
                .isEqualTo(404);
        grower.post(at(order) + "/deliver", today()).ok();
        String sale = season.lot(number).at("/sales/0/id").asString();
        Client.Answer alone = grower.put(
                "/api/sales/" + sale,
                record("soldOn", "2026-08-14", "packets", 3, "price", 1, "note", "", "version", 0, "reason", "less"));
        assertThat(alone.detail()).contains("take that delivery back");
        assertThat(grower.post(at(order) + "/deliveries/1/back", record("reason", ""))
                        .field())
                .isEqualTo("reason");
        JsonNode back = grower.post(
                        at(order) + "/deliveries/1/back", record("reason", "the van broke down on the ferry road"))
                .ok();
        assertThat(back.get("state").asString()).isEqualTo("READY");
        assertThat(back.get("deliveries")).isEmpty();
        assertThat(back.get("delivered").asDouble()).isZero();
        assertThat(back.at("/lines/0/promised").asInt()).isEqualTo(30);
        JsonNode stock = season.lot(number).get("stock");
        assertThat(stock.get("packetsSold").asInt()).isZero();
        assertThat(stock.get("packets").asInt()).isEqualTo(40);
        assertThat(stock.get("packetsFree").asInt()).isEqualTo(10);
        assertThat(grower.get("/api/lots/" + number + "/holders").ok().get("items"))
                .as("nobody has any")
                .isEmpty();
        assertThat(grower.get(at(order) + "/corrections").ok().toString()).contains("ferry road");
        JsonNode again = grower.post(at(order) + "/deliver", today()).ok();
        assertThat(again.at("/deliveries/0/number").asInt()).isEqualTo(2);
        assertThat(again.get("state").asString()).isEqualTo("DONE");
        assertThat(grower.get(at(order) + "/delivery-1.pdf").status()).isEqualTo(404);
    }

    @Test
    void manySellersAtOnceNeverSellTheLastPacketTwice() throws Exception {
        String customer = customer();
        List<Callable<Integer>> sellers = new ArrayList<>();
        IntStream.range(0, 12)
                .forEach(i -> sellers.add(
                        i % 2 == 0
                                ? () -> grower.post("/api/lots/" + number + "/sales", saleOf(run, 7))
                                                        .status()
                                                == 200
                                        ? 7
                                        : 0
                                : () -> grower.post("/api/orders", orderOf(customer, packets(7)))
                                        .ok()
                                        .at("/lines/0/promised")
                                        .asInt()));
        var hands = Executors.newFixedThreadPool(6);
        int gone = 0;
        try {
            for (Future<Integer> seller : hands.invokeAll(sellers)) {
                gone += seller.get();
            }
        } finally {
            hands.shutdown();
        }
        assertThat(gone).isEqualTo(40);
        assertThat(left("free")).isZero();
        assertThat(left("left") - left("promised")).isZero();
    }

    @Test
    void bulkIsPromisedToo() {
        double free = season.lot(number).at("/stock/free").asDouble();
        Map<String, Object> bulk = record("varietyId", variety, "bulk", 500);
        assertThat(grower.post("/api/orders", orderOf(customer(), bulk)).field())
                .isEqualTo("lines[0].price");
        JsonNode order = grower.post("/api/orders", orderOf(customer(), with(bulk, "price", 4)))
                .ok();
        assertThat(order.get("total").asDouble()).isEqualTo(20);
        assertThat(season.lot(number).at("/stock/free").asDouble()).isEqualTo(free - 500);
        assertThat(grower.post(
                                "/api/lots/" + number + "/parts",
                                record("masses", List.of(free - 400), "transferredOn", "2026-08-14"))
                        .field())
                .as("what is promised is not transferred away")
                .isEqualTo("masses[0]");
        grower.post(at(order) + "/deliver", today()).ok();
        assertThat(season.lot(number).at("/stock/bulk").asDouble()).isEqualTo(free - 500);
        assertThat(season.lot(number).at("/sales/0/price").asDouble()).isEqualTo(20);
    }

    @Test
    void whatIsPromisedStaysCleanWhenTheRestIsCleanedAgain() {
        String whole = season.sellable();
        Map<String, Object> bulk =
                record("varietyId", season.lot(whole).at("/known/lot/varietyId").asString(), "bulk", 100, "price", 4);
        JsonNode order = grower.post("/api/orders", orderOf(customer(), bulk)).ok();
        String path = "/api/lots/" + whole + "/clean-again";
        Map<String, Object> again = record("steps", List.of("SCREEN"), "on", "2026-08-14");
        String rest = grower.post(path, again).ok().get("number").asString();
        assertThat(rest).as("nothing was taken, but some is promised").isNotEqualTo(whole);
        assertThat(season.lot(whole).at("/stock/bulk").asInt()).isEqualTo(100);
        assertThat(season.lot(whole).at("/known/bench/clean").asBoolean()).isTrue();
        assertThat(grower.post(path, again).detail()).contains("promised to somebody");
        grower.post(at(order) + "/deliver", today()).ok();
        assertThat(season.lot(whole).at("/stock/bulk").asInt()).isZero();
    }

    @Test
    void customersPayByTheirTermsAndGiftsAndSwapsNothing() {
        String half = grower.post("/api/price-lists", record("name", "Shops " + UUID.randomUUID(), "share", 60))
                .ok()
                .get("id")
                .asString();
        JsonNode order = grower.post("/api/orders", orderOf(customer("priceListId", half), packets(10)))
                .ok();
        assertThat(order.at("/lines/0/price").asDouble()).isEqualTo(1.5);
        assertThat(order.get("total").asDouble()).isEqualTo(15);
        JsonNode gift = grower.post("/api/orders", with(orderOf(customer(), packets(2)), "kind", "GIFT"))
                .ok();
        assertThat(gift.get("total").asDouble()).isZero();
        grower.post(at(gift) + "/deliver", today()).ok();
        assertThat(season.lot(number).at("/sales/0/kind").asString()).isEqualTo("GIFT");
        JsonNode swap = grower.post("/api/orders", with(orderOf(customer(), packets(2)), "kind", "SWAP"))
                .ok();
        assertThat(grower.post(at(swap) + "/deliver", today()).field()).isEqualTo("note");
        grower.post(at(swap) + "/deliver", with(today(), "note", "two packets of an old kale"))
                .ok();
    }

    @Test
    void sillyOrdersAreRefusedByName() {
        String customer = customer();
        assertThat(grower.post("/api/orders", orderOf(customer)).field()).isEqualTo("lines");
        assertThat(grower.post("/api/orders", orderOf(customer, packets(0))).field())
                .isEqualTo("lines[0].packets");
        assertThat(grower.post("/api/orders", orderOf(customer, with(packets(1), "price", -1)))
                        .field())
                .isEqualTo("lines[0].price");
        assertThat(grower.post("/api/orders", orderOf(customer, with(packets(1), "price", 99_999)))
                        .field())
                .isEqualTo("lines[0].price");
        assertThat(grower.post("/api/orders", with(orderOf(customer, packets(1)), "wantedOn", "2026-08-01"))
                        .field())
                .isEqualTo("wantedOn");
        assertThat(grower.post("/api/orders", orderOf(customer, with(packets(1), "bulk", 3)))
                        .field())
                .isEqualTo("lines[0].packets");
    }

    @Test
    void whoHasAnOpenOrderStaysACustomer() {
        String customer = customer();
        JsonNode order =
                grower.post("/api/orders", orderOf(customer, packets(5))).ok();
        Map<String, Object> end = record("version", 0, "reason", "moved away");
        assertThat(grower.post("/api/customers/" + customer + "/end", end).field())
                .isEqualTo("customer");
        grower.post(at(order) + "/cancel", record("reason", "they moved away")).ok();
        assertThat(left("free")).isEqualTo(40);
        grower.post("/api/customers/" + customer + "/end", end).ok();
        assertThat(grower.post("/api/orders", orderOf(customer, packets(5))).field())
                .isEqualTo("customerId");
        assertThat(grower.post(at(order) + "/deliver", today()).field()).isEqualTo("number");
    }

    @Test
    void aHeldLotIsNotDeliveredAlthoughItWasPromised() {
        JsonNode order = ordered(5);
        grower.post("/api/lots/" + number + "/hold", record("reason", "two jars, one label"))
                .ok();
        assertThat(grower.post(at(order) + "/deliver", today()).detail()).contains("two jars, one label");
        assertThat(grower.get(at(order)).ok().at("/lines/0/delivered").asInt()).isZero();
    }

    @Test
    void anotherDayIsPromisedAnew() {
        JsonNode order = ordered(5);
        Map<String, Object> later = record("wantedOn", "2028-03-01", "note", "", "version", 0);
        assertThat(grower.put(at(order), later).field()).isEqualTo("reason");
        JsonNode moved = grower.put(at(order), with(later, "reason", "their shop opens later"))
                .ok();
        assertThat(moved.get("state").asString()).isEqualTo("SHORT");
        assertThat(left("free")).isEqualTo(40);
    }

    @Test
    void aShortOrderSaysWhatWouldFillItAndDoesIt() {
        JsonNode order = ordered(60);
        assertThat(order.get("state").asString()).isEqualTo("SHORT");
        JsonNode line = grower.get(at(order) + "/short").ok().get(0);
        JsonNode way = line.at("/ways/0");
        assertThat(way.get("act").asString()).isEqualTo("PACK");
        assertThat(way.get("number").asString()).isEqualTo(number);
        assertThat(way.get("much").asInt()).isEqualTo(20);
        assertThat(way.get("grams").asDouble()).isBetween(200.0, 400.0);
        JsonNode filled = grower.post(
                        at(order) + "/pack",
                        record("lineId", line.get("lineId").asString(), "number", number, "packets", 20))
                .ok();
        assertThat(filled.get("state").asString()).isEqualTo("READY");
        assertThat(grower.get(at(order) + "/short").ok()).isEmpty();
    }

    @Test
    void whereATestRunsOutFirstItSaysByWhenToTestAndWhatIsLeftToGrow() {
        Map<String, Object> asked = with(orderOf(customer(), packets(50)), "wantedOn", "2028-09-01");
        JsonNode order = grower.post("/api/orders", asked).ok();
        JsonNode line = grower.get(at(order) + "/short").ok().get(0);
        assertThat(line.at("/ways/0/act").asString()).isEqualTo("TEST");
        assertThat(line.at("/ways/0/by").asString())
                .isEqualTo(season.lot(number).at("/known/gate/testRunsOut").asString());
        season.grower
                .post("/api/lots/" + number + "/hold", record("reason", "a label came off"))
                .ok();
        JsonNode held = grower.get(at(order) + "/short").ok().get(0);
        assertThat(held.get("ways")).isEmpty();
        assertThat(held.get("rest").asInt()).isEqualTo(50);
    }

    @Test
    void whatOrdersWaitForStandsOnTodayForWhoeverWorksHere() {
        ordered(60);
        grower.post("/api/orders", with(orderOf(customer(), packets(1)), "wantedOn", "2026-08-15"))
                .ok();
        assertThat(kinds(grower)).contains("FillOrder");
        assertThat(kinds(Client.as("visitor", port))).doesNotContain("FillOrder", "DeliverOrder");
    }

    private static List<String> kinds(Client who) {
        return who.get("/api/today")
                .ok()
                .get("tasks")
                .valueStream()
                .map(task -> task.at("/toDo/kind").asString())
                .toList();
    }

    @Test
    void itsPapersSayWhatToTakeWhatWentAndWhatItCosts() throws IOException {
        JsonNode order = grower.post(
                        "/api/orders",
                        orderOf(customer("address", "The quay 2, Anvern"), packets(30), with(packets(20), "price", 2)))
                .ok();
        assertThat(text(at(order) + "/packing-list.pdf"))
                .contains(number, "30 packets of 50", "Missing: 10 packets of 50", "The quay 2");
        String only = order.at("/lines/0/out/0/id").asString();
        grower.post(at(order) + "/deliver", with(today(), "only", List.of(only)))
                .ok();
        assertThat(text(at(order) + "/delivery-1.pdf"))
                .contains(number, "30 packets of 50", "Still to come", "20 packets of 50");
        assertThat(grower.get(at(order) + "/delivery-2.pdf").status()).isEqualTo(404);
    }

    private String text(String path) throws IOException {
        try (PDDocument pdf = Loader.loadPDF(grower.get(path).body())) {
            return new PDFTextStripper().getText(pdf).replaceAll("\\s+", " ");
        }
    }

    @Test
    void aPacketThatSowsTenMetresHoldsEnoughForThem() {
        Map<String, Object> row = packingOf(50, 3);
        row.remove("seeds");
        row.put("metres", 10);
        JsonNode plan =
                grower.post("/api/lots/" + number + "/packing/plan", row).ok();
        double inRow = season.lot(number).at("/known/planting/inRow").asDouble();
        assertThat(plan.get("seeds").asInt()).isEqualTo((int) Math.ceil(Math.ceil(10 / inRow) / (0.935 * 0.8)));
        JsonNode packed = grower.post("/api/lots/" + number + "/packing", with(row, "people", 2, "minutes", 15))
                .ok();
        assertThat(packed.get("metres").asInt()).isEqualTo(10);
        assertThat(packed.get("sowBy").asInt()).isEqualTo(2027);
        assertThat(grower.post("/api/lots/" + number + "/packing/plan", with(row, "seeds", 50))
                        .field())
                .isEqualTo("seeds");
        assertThat(grower.post("/api/lots/" + number + "/packing", with(row, "price", -2))
                        .field())
                .isEqualTo("price");
    }

    @Test
    void deliveriesOfTheSameLotsAtOnceDoNotWaitForEachOther() throws Exception {
        String other = season.sellable();
        season.packed(other, 50, 40);
        Map<String, Object> ofOther = with(
                packets(1),
                "varietyId",
                season.lot(other).at("/known/planting/variety/id").asString());
        String customer = customer();
        List<Callable<Integer>> deliveries = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            JsonNode order = grower.post(
                            "/api/orders",
                            i % 2 == 0
                                    ? orderOf(customer, packets(1), ofOther)
                                    : orderOf(customer, ofOther, packets(1)))
                    .ok();
            deliveries.add(() -> grower.post(at(order) + "/deliver", today()).status());
        }
        var hands = Executors.newFixedThreadPool(6);
        try {
            for (Future<Integer> delivery : hands.invokeAll(deliveries)) {
                assertThat(delivery.get()).isEqualTo(200);
            }
        } finally {
            hands.shutdown();
        }
        assertThat(left("left")).isEqualTo(28);
    }
}
