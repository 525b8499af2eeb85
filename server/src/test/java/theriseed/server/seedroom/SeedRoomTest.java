package theriseed.server.seedroom;

import static org.assertj.core.api.Assertions.assertThat;
import static theriseed.server.Season.packingOf;
import static theriseed.server.Season.record;
import static theriseed.server.Season.with;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

@DemoFarmTest
class SeedRoomTest {
    @LocalServerPort
    int port;

    Season season;
    Client grower;

    @BeforeEach
    void season() {
        season = new Season(port);
        grower = season.grower;
    }

    private String shelf(String kind) {
        return grower.post("/api/shelves", record("name", kind + " " + UUID.randomUUID(), "kind", kind))
                .ok()
                .get("id")
                .asString();
    }

    private static Map<String, Object> jars(String shelf, int count) {
        return record("shelfId", shelf, "kind", "JAR", "sealed", true, "count", count, "on", "2026-08-13");
    }

    private JsonNode stored(String number) {
        return grower.get("/api/lots/" + number + "/stored").ok();
    }

    @Test
    void aJarIsPutAwayMovedAndEmptiedAndItsNumberIsNeverUsedAgain() {
        String number = season.sellable();
        String cool = shelf("COOL_ROOM");
        String freezer = shelf("FREEZER");
        JsonNode made = grower.post("/api/lots/" + number + "/containers", jars(cool, 2))
                .ok();
        assertThat(made.findValuesAsString("number")).containsExactly("1", "2");
        String first = "/api/containers/" + made.at("/0/id").asString();
        grower.post(first + "/move", record("shelfId", freezer, "on", "2026-08-13"))
                .ok();
        assertThat(grower.post(first + "/move", record("shelfId", freezer, "on", "2026-08-14"))
                        .field())
                .isEqualTo("shelfId");
        JsonNode back = grower.post(first + "/move", record("shelfId", cool, "on", "2026-08-14"))
                .ok();
        assertThat(back.has("closedUntil")).as("frozen seed warms up closed").isTrue();
        grower.post(first + "/empty", record("version", 0, "on", "2026-08-14")).ok();
        assertThat(grower.post(first + "/move", record("shelfId", freezer, "on", "2026-08-14"))
                        .status())
                .isEqualTo(400);
        assertThat(grower.post("/api/lots/" + number + "/containers", jars(cool, 1))
                        .ok()
                        .at("/0/number")
                        .asInt())
                .isEqualTo(3);
    }

    @Test
    void onlyCleanSeedIsPutAwayAndPaperDoesNotSeal() {
        String picked = season.picked(season.planted("pea", "2026-03-20", 300), 9000, 290);
        String cool = shelf("COOL_ROOM");
        assertThat(grower.post("/api/lots/" + picked + "/containers", jars(cool, 1))
                        .field())
                .isEqualTo("number");
        String clean = season.sellable();
        String path = "/api/lots/" + clean + "/containers";
        assertThat(grower.post(path, with(jars(cool, 1), "kind", "PAPER")).field())
                .isEqualTo("sealed");
        assertThat(grower.post(path, with(jars(cool, 1), "on", "2026-07-01")).field())
                .isEqualTo("on");
        assertThat(grower.post(path, jars(cool, 0)).field()).isEqualTo("count");
    }

    @Test
    void colderAndSealedKeepsLongerAndTheWorstContainerDecides() {
        String number = season.sellable();
        double nowhere = stored(number).at("/keeping/now/middle").asDouble();
        assertThat(stored(number).at("/keeping").has("place")).isFalse();
        String fridge = shelf("FRIDGE");
        String room = shelf("ROOM");
        grower.post("/api/lots/" + number + "/containers", jars(fridge, 1)).ok();
        JsonNode cold = stored(number).get("keeping");
        assertThat(cold.get("moistureBy").asString()).isEqualTo("MEASURED");
        assertThat(cold.get("celsius").asDouble()).isEqualTo(5);
        assertThat(cold.at("/now/middle").asDouble()).isGreaterThanOrEqualTo(nowhere);
        grower.post("/api/lots/" + number + "/containers", with(jars(room, 1), "kind", "PAPER", "sealed", false))
                .ok();
        JsonNode warm = stored(number).get("keeping");
        assertThat(warm.get("celsius").asDouble()).isEqualTo(20);
        assertThat(warm.get("moistureBy").asString()).isEqualTo("SETTLES");
        assertThat(warm.at("/below/middle").asString())
                .isLessThan(
                        cold.at("/below").has("middle")
                                ? cold.at("/below/middle").asString()
                                : "9999");
        assertThat(warm.at("/gains").findValuesAsString("how"))
                .as("seed as damp as open seed in a room is not frozen")
                .containsExactly("DRIER", "FRIDGE");
    }

    @Test
    void whatTheAirWasCountsMoreThanWhatIsUsual() {
        String number = season.sellable();
        String cool = shelf("COOL_ROOM");
        grower.post("/api/lots/" + number + "/containers", with(jars(cool, 1), "kind", "PAPER", "sealed", false))
                .ok();
        double usual = stored(number).at("/keeping/celsius").asDouble();
        String path = "/api/shelves/" + cool + "/readings";
        grower.post(path, record("readAt", "2026-08-02T08:00:00Z", "celsius", 22.5, "humidity", 70))
                .ok();
        assertThat(usual).isEqualTo(12);
        assertThat(stored(number).at("/keeping/celsius").asDouble()).isEqualTo(22.5);
        JsonNode heard = grower.post(path, record()).ok();
        assertThat(heard.get("source").asString()).isEqualTo("simulated hygrometer");
        assertThat(grower.get(path).ok()).hasSize(2);
        assertThat(grower.post(path, record("readAt", "2027-01-01T08:00:00Z", "celsius", 12))
                        .field())
                .isEqualTo("readAt");
        assertThat(grower.post(path, record("celsius", 80)).field()).isEqualTo("celsius");
    }

    @Test
    void twoShelvesDoNotShareANameAndAShelfIsCorrectedWithItsReason() {
        String name = "North wall " + UUID.randomUUID();
        JsonNode made = grower.post("/api/shelves", record("name", name, "kind", "FRIDGE"))
                .ok();
        assertThat(grower.post("/api/shelves", record("name", name.toUpperCase(), "kind", "ROOM"))
                        .field())
                .isEqualTo("name");
        String path = "/api/shelves/" + made.get("id").asString();
        Map<String, Object> warmer = record("name", name, "kind", "FRIDGE", "celsius", 7, "version", 0);
        assertThat(grower.put(path, warmer).field()).isEqualTo("reason");
        JsonNode changed = grower.put(path, with(warmer, "reason", "the door was left open all summer"))
                .ok();
        assertThat(changed.get("celsius").asDouble()).isEqualTo(7);
        assertThat(Client.as("hand", port)
                        .put(path, with(warmer, "version", 1, "reason", "no"))
                        .status())
                .isEqualTo(403);
    }

    @Test
    void ownSeedIsKeptBackBeforeAnyIsPackedOrSold() {
        String number = season.sellable();
        JsonNode before = stored(number);
        double bulk = before.at("/stock/bulk").asDouble();
        assertThat(before.at("/ownSeed/seeds").asInt())
                .isGreaterThan(before.at("/ownSeed/plants").asInt());
        grower.put("/api/lots/" + number + "/reserve", record("version", season.versionOf(number), "grams", bulk - 100))
                .ok();
        assertThat(stored(number).at("/stock/free").asDouble()).isEqualTo(100);
        Client.Answer sold = grower.post(
                "/api/lots/" + number + "/sales",
                record("customer", "Croft", "soldOn", "2026-08-14", "bulk", 101, "price", 3));
        assertThat(sold.field()).isEqualTo("bulk");
        int packets = grower.post("/api/lots/" + number + "/packing/plan", packingOf(50, null))
                .ok()
                .get("packets")
                .asInt();
        assertThat(packets).isBetween(1, 9);
        grower.put("/api/lots/" + number + "/reserve", record("version", season.versionOf(number), "grams", bulk))
                .ok();
        assertThat(grower.post("/api/lots/" + number + "/packing/plan", packingOf(50, null))
                        .detail())
                .contains("own sowing");
    }

    @Test
    void takingsAreNeverMoreThanThereIsAndAreCorrectedInTheOpen() {
        String number = season.sellable();
        double bulk = stored(number).at("/stock/bulk").asDouble();
        String path = "/api/lots/" + number + "/withdrawals";
        Map<String, Object> sown = record("why", "SOWN", "takenOn", "2026-08-14", "mass", 50, "note", "");
        JsonNode taken = grower.post(path, sown).ok();
        assertThat(stored(number).at("/stock/bulk").asDouble()).isEqualTo(bulk - 50);
        assertThat(grower.post(path, with(sown, "mass", bulk)).field()).isEqualTo("mass");
        assertThat(grower.post(path, with(sown, "mass", -1)).field()).isEqualTo("mass");
        assertThat(grower.post(path, with(sown, "why", "SPOILT")).field()).isEqualTo("note");
        assertThat(grower.post(path, with(sown, "why", "COUNTED")).field()).isEqualTo("why");
        String at = "/api/withdrawals/" + taken.get("id").asString();
        grower.put(at, with(sown, "mass", bulk, "version", 0, "reason", "all of it was sown"))
                .ok();
        assertThat(stored(number).at("/stock/bulk").asDouble()).isZero();
        assertThat(season.lot(number).at("/corrections").toString()).contains("all of it was sown");
    }

    @Test
    void whatIsCountedIsBookedWithItsReason() {
        String number = season.sellable();
        String run = season.packed(number, 50, 10);
        double bulk = stored(number).at("/stock/bulk").asDouble();
        Map<String, Object> grams = record("number", number, "expected", bulk, "found", bulk - 7, "because", "SAME");
        Map<String, Object> packets =
                record("number", number, "packingRunId", run, "expected", 10, "found", 11, "because", "NOT_WRITTEN");
        assertThat(count(grams, packets).field()).isEqualTo("lines[0].because");
        assertThat(stored(number).at("/stock/packets").asInt())
                .as("nothing is booked in half")
                .isEqualTo(10);
        assertThat(count(with(grams, "because", "SPILT", "expected", bulk + 1), packets)
                        .field())
                .isEqualTo("lines[0].expected");
        assertThat(count(grams, with(packets, "found", 10.5)).field()).isEqualTo("lines[0].because");
        assertThat(count(with(packets, "found", 10.5)).field()).isEqualTo("lines[0].found");
        assertThat(count(packets, packets).field()).isEqualTo("lines[1].number");
        JsonNode taken = count(with(grams, "because", "SPILT"), packets).ok();
        assertThat(taken.get("differences")).hasSize(2);
        assertThat(stored(number).at("/stock/bulk").asDouble()).isEqualTo(bulk - 7);
        assertThat(stored(number).at("/stock/packets").asInt()).isEqualTo(11);
        assertThat(grower.get("/api/stock-takings").ok().at("/items/0/counted").asInt())
                .isEqualTo(2);
    }

    @SafeVarargs
    private Client.Answer count(Map<String, Object>... lines) {
        return grower.post(
                "/api/stock-takings", record("countedOn", "2026-08-14", "note", "", "lines", List.of(lines)));
    }

    @Test
    void theRoomSaysWhatEachLotWaitsFor() {
        String number = season.sellable();
        String held = season.sellable();
        grower.post("/api/lots/" + held + "/hold", record("reason", "two jars, one label"))
                .ok();
        assertThat(needOf(number)).isEqualTo("Nothing");
        assertThat(needOf(held)).isEqualTo("Held");
        assertThat(needOf("25-LET-01-8")).isEqualTo("Count");
        assertThat(needOf("24-LEE-01-7")).isEqualTo("Test");
    }

    @Test
    void lotsThatAreGoneHangThereOnlyWhenAskedFor() {
        String number = season.sellable();
        assertThat(need(number, false)).isPresent();
        grower.post(
                        "/api/lots/" + number + "/withdrawals",
                        record(
                                "why",
                                "SPOILT",
                                "takenOn",
                                "2026-08-14",
                                "mass",
                                season.lot(number).at("/stock/bulk").decimalValue(),
                                "note",
                                "mice in the jar"))
                .ok();
        assertThat(need(number, false)).isEmpty();
        assertThat(need(number, true)).contains("NoneLeft");
        String fresh = season.numbered(season.planted("pea", "2026-03-20", 300));
        assertThat(need(fresh, false)).as("nothing is picked into it yet").contains("AtBench");
    }

    @Test
    void theLotsThatAreHereAreThoseWithSeedLeftAtTheBenchBeingTestedOrStillEmpty() {
        season.numbered(season.planted("pea", "2026-03-21", 300));
        season.packed(season.sellable(), 50, 10);
        Set<String> here = new TreeSet<>();
        for (JsonNode lot : pages("/api/lots?", "")) {
            JsonNode known = lot.get("known");
            int of = known.at("/lot/season").asInt();
            boolean left = lot.at("/stock/bulk").asDouble() > 0
                    || lot.at("/stock/packets").asInt() > 0;
            boolean atBench = known.has("bench")
                    && !known.at("/bench/clean").asBoolean()
                    && !known.at("/bench/transferred").asBoolean();
            boolean empty = !known.has("bench") && of >= 2025;
            if (of >= 2014
                    && (left || atBench || empty || !known.at("/tests/running").isEmpty())) {
                here.add(known.at("/lot/number").asString());
            }
        }
        assertThat(pages("/api/seed-room?", "/lots").stream()
                        .map(lot -> lot.at("/lot/number").asString()))
                .as("as each lot's own page says")
                .containsExactlyInAnyOrderElementsOf(here);
    }

    @Test
    void allLotsAreOrderedByWhatIsMostPressingByCropAndByPlaceNotEachPageByItself() {
        String empty = season.numbered(season.planted("pea", "2026-03-22", 300));
        String inOrder = season.sellable();
        assertThat(ordered("NEED").indexOf(empty)).isLessThan(ordered("NEED").indexOf(inOrder));
        JsonNode first = grower.get("/api/seed-room?size=1&page=0").ok().at("/lots/items/0/lot/number");
        assertThat(first.asString()).isEqualTo(ordered("NEED").get(0));
        List<String> crops = pages("/api/seed-room?by=CROP&", "/lots").stream()
                .map(lot -> lot.at("/variety/cropName").asString())
                .toList();
        assertThat(crops).isSorted();
        List<String> places = pages("/api/seed-room?by=PLACE&", "/lots").stream()
                .map(lot -> lot.at("/shelves/0").asString())
                .toList();
        assertThat(places).isSorted();
        assertThat(grower.get("/api/seed-room?by=SIZE").status()).isEqualTo(400);
    }

    @Test
    void howManyTestsAreDueIsToldOfAllLots() {
        JsonNode before = grower.get("/api/seed-room?size=1").ok().get("waiting");
        String number = season.picked(season.planted("pea", "2026-03-22", 300), 9000, 290);
        season.cleaned(number, 9000);
        assertThat(needOf(number)).isEqualTo("Test");
        JsonNode after = grower.get("/api/seed-room?size=1").ok().get("waiting");
        assertThat(after.get("tests").asInt()).isEqualTo(before.get("tests").asInt() + 1);
        grower.post("/api/lots/" + number + "/hold", record("reason", "smells damp"))
                .ok();
        JsonNode held = grower.get("/api/seed-room?size=1").ok().get("waiting");
        assertThat(held.get("held").asInt()).isEqualTo(before.get("held").asInt() + 1);
    }

    private List<String> ordered(String by) {
        return pages("/api/seed-room?by=" + by + "&", "/lots").stream()
                .map(lot -> lot.at("/lot/number").asString())
                .toList();
    }

    private String needOf(String number) {
        return need(number, false).orElseThrow();
    }

    private Optional<String> need(String number, boolean gone) {
        return pages("/api/seed-room?gone=" + gone + "&", "/lots").stream()
                .filter(lot -> lot.at("/lot/number").asString().equals(number))
                .map(lot -> lot.at("/need/kind").asString())
                .findFirst();
    }

    /** Everything on all pages of a list. @param list where it stands in the answer */
    private List<JsonNode> pages(String path, String list) {
        List<JsonNode> all = new ArrayList<>();
        int pages = 1;
        for (int page = 0; page < pages; page++) {
            JsonNode some = grower.get(path + "size=200&page=" + page).ok().at(list);
            pages = some.get("pages").asInt();
            some.get("items").forEach(all::add);
        }
        return all;
    }
}
