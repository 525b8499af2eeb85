package theriseed.server.market;

import static org.assertj.core.api.Assertions.assertThat;
import static theriseed.server.Season.packingOf;
import static theriseed.server.Season.record;
import static theriseed.server.Season.saleOf;
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
class StallDaysTest {
    @LocalServerPort
    int port;

    Season season;
    Client grower;
    String number;
    String run;
    String market;

    @BeforeEach
    void packed() {
        season = new Season(port);
        grower = season.grower;
        number = season.sellable();
        run = season.packed(number, 50, 20);
        market = grower.post("/api/customers", record("name", "Market " + UUID.randomUUID(), "kind", "MARKET"))
                .ok()
                .get("id")
                .asString();
    }

    private Map<String, Object> day(int taken) {
        return record(
                "customerId",
                market,
                "heldOn",
                "2026-08-14",
                "note",
                "",
                "lines",
                List.of(record("number", number, "packingRunId", run, "taken", taken)));
    }

    private int stock(String what) {
        return season.lot(number).at("/stock/runs/0/" + what).asInt();
    }

    @Test
    void whatDoesNotComeBackWasSold() {
        JsonNode day = grower.post("/api/stall-days", day(12)).ok();
        assertThat(stock("free")).isEqualTo(8);
        assertThat(grower.post("/api/lots/" + number + "/sales", saleOf(run, 9)).field())
                .isEqualTo("packets");
        String path = "/api/stall-days/" + day.get("id").asString() + "/count";
        assertThat(grower.post(path, record("returned", Map.of(run, 13))).field())
                .isEqualTo("returned");
        assertThat(grower.post(path, record("returned", Map.of())).field()).isEqualTo("returned");
        JsonNode counted = grower.post(path, record("returned", Map.of(run, 5))).ok();
        assertThat(counted.get("brought").asDouble()).isEqualTo(7 * 2.5);
        assertThat(stock("left")).isEqualTo(13);
        assertThat(stock("free")).isEqualTo(13);
        assertThat(season.lot(number).at("/sales/0/packets").asInt()).isEqualTo(7);
        assertThat(grower.post(path, record("returned", Map.of(run, 5))).field())
                .isEqualTo("heldOn");
    }

    @Test
    void aWrongCountIsCountedAnewAndBothStayKnown() {
        JsonNode day = grower.post("/api/stall-days", day(12)).ok();
        String path = "/api/stall-days/" + day.get("id").asString();
        assertThat(grower.post(path + "/count-anew", record("reason", "too early"))
                        .field())
                .isEqualTo("heldOn");
        grower.post(path + "/count", record("returned", Map.of(run, 5))).ok();
        String sale = season.lot(number).at("/sales/0/id").asString();
        Map<String, Object> alone =
                record("soldOn", "2026-08-14", "packets", 2, "price", 5, "note", "", "version", 0, "reason", "fewer");
        assertThat(grower.put("/api/sales/" + sale, alone).detail()).contains("count that day anew");
        assertThat(grower.post(path + "/count-anew", record("reason", " ")).field())
                .isEqualTo("reason");
        JsonNode open = grower.post(path + "/count-anew", record("reason", "a box stayed in the van"))
                .ok();
        assertThat(open.get("counted").asBoolean()).isFalse();
        assertThat(open.get("brought").asDouble()).isZero();
        assertThat(stock("left")).isEqualTo(20);
        assertThat(stock("free")).as("they are away again").isEqualTo(8);
        grower.post(path + "/count", record("returned", Map.of(run, 9))).ok();
        assertThat(stock("left")).isEqualTo(17);
        assertThat(season.lot(number).at("/stock/brought").asDouble()).isEqualTo(3 * 2.5);
        assertThat(season.lot(number).get("corrections").toString()).contains("a box stayed in the van");
    }

    @Test
    void aMarketWithTermsOfItsOwnSellsByThem() {
        String list = grower.post("/api/price-lists", record("name", "Fair " + UUID.randomUUID(), "share", 120))
                .ok()
                .get("id")
                .asString();
        String fair = grower.post(
                        "/api/customers",
                        record("name", "Fair " + UUID.randomUUID(), "kind", "MARKET", "priceListId", list))
                .ok()
                .get("id")
                .asString();
        JsonNode day =
                grower.post("/api/stall-days", with(day(2), "customerId", fair)).ok();
        assertThat(day.at("/lines/0/price").asDouble()).isEqualTo(3);
    }

    @Test
    void noMoreIsTakenAlongThanThereIsAndEachRunOnce() {
        assertThat(grower.post("/api/stall-days", day(21)).field()).isEqualTo("lines[0].taken");
        Map<String, Object> line = record("number", number, "packingRunId", run, "taken", 2);
        assertThat(grower.post("/api/stall-days", with(day(1), "lines", List.of(line, line)))
                        .field())
                .isEqualTo("lines[1].packingRunId");
        grower.post("/api/lots/" + number + "/hold", record("reason", "two jars, one label"))
                .ok();
        assertThat(grower.post("/api/stall-days", day(2)).detail()).contains("two jars");
        assertThat(stock("free")).isEqualTo(20);
    }

    private Map<String, Object> hand(UUID id, int packets, boolean gift) {
        return record("id", id, "lines", List.of(record("packingRunId", run, "packets", packets)), "gift", gift);
    }

    @Test
    void whatGoesOverTheTableIsTalliedByWhoeverStandsThere() {
        Client hand = Client.as("hand", port);
        String path = "/api/stall-days/"
                + grower.post("/api/stall-days", day(12)).ok().get("id").asString();
        UUID first = UUID.randomUUID();
        hand.post(path + "/handed", hand(first, 3, false)).ok();
        hand.post(path + "/handed", hand(first, 3, false)).ok();
        JsonNode tallied = hand.post(path + "/handed", with(hand(UUID.randomUUID(), 2, false), "price", 4))
                .ok();
        assertThat(tallied.at("/lines/0/handed").asInt()).as("each once").isEqualTo(5);
        assertThat(tallied.get("tallied").asDouble()).isEqualTo(3 * 2.5 + 4);
        UUID mistake = UUID.randomUUID();
        hand.post(path + "/handed", hand(mistake, 6, true)).ok();
        assertThat(hand.post(path + "/handed", hand(UUID.randomUUID(), 2, false))
                        .detail())
                .contains("on the table");
        assertThat(hand.post(path + "/handed", with(hand(UUID.randomUUID(), 1, false), "price", 2.51))
                        .field())
                .isEqualTo("price");
        hand.post(path + "/handed/" + mistake + "/take-back", record()).ok();
        JsonNode now = hand.get(path).ok();
        assertThat(now.at("/lines/0/gifts").asInt()).isZero();
        assertThat(now.get("handed")).hasSize(2);
        assertThat(stock("left")).as("a tally books nothing").isEqualTo(20);
        assertThat(hand.post(path + "/count", record("returned", Map.of(run, 7)))
                        .status())
                .as("the grower counts")
                .isEqualTo(403);
    }

    @Test
    void theCashBoxSaysWhatIsMissingAndGiftsBringNothing() {
        String path = "/api/stall-days/"
                + grower.post("/api/stall-days", with(day(12), "floatCash", 30))
                        .ok()
                        .get("id")
                        .asString();
        grower.post(path + "/handed", with(hand(UUID.randomUUID(), 2, false), "price", 4))
                .ok();
        Map<String, Object> home = record(
                "returned",
                Map.of(run, 3),
                "given",
                Map.of(run, 2),
                "floatCash",
                30,
                "cashCounted",
                38,
                "paidOtherwise",
                5);
        assertThat(grower.post(path + "/count", with(home, "given", Map.of(run, 10)))
                        .field())
                .isEqualTo("given");
        assertThat(grower.post(path + "/count", with(home, "cashCounted", -1)).field())
                .isEqualTo("cashCounted");
        JsonNode counted = grower.post(path + "/count", home).ok();
        assertThat(counted.get("brought").asDouble())
                .as("seven, two of them for 4")
                .isEqualTo(5 * 2.5 + 4);
        assertThat(counted.get("difference").asDouble()).isEqualTo(38 + 5 - 30 - 16.5);
        assertThat(stock("left")).isEqualTo(11);
        assertThat(season.lot(number).at("/stock/brought").asDouble()).isEqualTo(16.5);
        assertThat(season.lot(number).get("sales"))
                .extracting(sale ->
                        sale.get("kind").asString() + " " + sale.get("packets").asInt())
                .containsExactlyInAnyOrder("SALE 7", "GIFT 2");
        assertThat(grower.post(path + "/handed", hand(UUID.randomUUID(), 1, false))
                        .field())
                .isEqualTo("heldOn");
        grower.post(path + "/count-anew", record("reason", "a box stayed in the van"))
                .ok();
        assertThat(stock("left")).isEqualTo(20);
        assertThat(grower.get(path).ok().get("cashCounted")).isNull();
    }

    @Test
    void aDayThatHasComeStandsInToday() {
        String path = grower.post("/api/stall-days", day(12)).ok().get("id").asString();
        assertThat(tasks(grower, path)).containsExactly("SellAtStall");
        assertThat(tasks(Client.as("visitor", port), path)).isEmpty();
        assertThat(grower.post("/api/stall-days", with(day(2), "heldOn", "2026-08-12"))
                        .detail())
                .contains("packed 14 Aug");
        run = grower.post("/api/lots/" + number + "/packing", with(packingOf(50, 4), "packedOn", "2026-08-10"))
                .ok()
                .get("id")
                .asString();
        String past = grower.post("/api/stall-days", with(day(2), "heldOn", "2026-08-12"))
                .ok()
                .get("id")
                .asString();
        assertThat(tasks(grower, past)).containsExactly("CountStallDay");
        grower.post("/api/stall-days/" + past + "/count", record("returned", Map.of(run, 0)))
                .ok();
        assertThat(tasks(grower, past)).isEmpty();
    }

    private static List<String> tasks(Client who, String day) {
        return who.get("/api/today")
                .ok()
                .get("tasks")
                .valueStream()
                .filter(task -> task.path("stallDayId").asString("").equals(day))
                .map(task -> task.at("/toDo/kind").asString())
                .toList();
    }

    @Test
    void theSheetHasRoomToTally() throws IOException {
        JsonNode day = grower.post("/api/stall-days", day(12)).ok();
        byte[] sheet = grower.get("/api/stall-days/" + day.get("id").asString() + "/sheet.pdf")
                .body();
        try (PDDocument pdf = Loader.loadPDF(sheet)) {
            assertThat(new PDFTextStripper().getText(pdf)).contains(number, "50 seeds", "2.50", "12", "......");
        }
        String path = "/api/stall-days/" + day.get("id").asString();
        grower.post(path + "/count", record("returned", Map.of(run, 5), "floatCash", 20, "cashCounted", 36))
                .ok();
        try (PDDocument pdf = Loader.loadPDF(grower.get(path + "/sheet.pdf").body())) {
            assertThat(new PDFTextStripper().getText(pdf))
                    .as("once counted it says what it came to")
                    .contains("17.50", "missing", "1.50")
                    .doesNotContain("......");
        }
    }
}
