package theriseed.server.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

@DemoFarmTest
class SheetsTest {
    @LocalServerPort
    int port;

    Season season;
    Client grower;
    String own;

    @BeforeEach
    void grower() {
        season = new Season(port);
        grower = season.grower;
        own = "n" + System.nanoTime();
    }

    private Client.Answer sent(String sheet, boolean keep, String text) {
        return grower.post("/api/sheets/" + sheet + "?keep=" + keep, text.getBytes(StandardCharsets.UTF_8));
    }

    private JsonNode kept(String sheet, String text) {
        JsonNode read = sent(sheet, true, text).ok();
        assertThat(read.get("kept").asBoolean()).as(read.toString()).isTrue();
        return read;
    }

    private JsonNode tried(String sheet, String text) {
        JsonNode read = sent(sheet, false, text).ok();
        assertThat(read.get("kept").asBoolean()).isFalse();
        return read;
    }

    /** The first line that is refused. */
    private JsonNode wrong(String sheet, String text) {
        JsonNode read = sent(sheet, true, text).ok();
        assertThat(read.get("kept").asBoolean()).isFalse();
        assertThat(read.get("refused").asInt()).as(read.toString()).isPositive();
        return read.at("/lines/0");
    }

    private String written(String sheet) {
        Client.Answer answer = grower.get("/api/sheets/" + sheet + ".csv");
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.text();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"varieties", "customers", "lots", "tests", "orders", "sales", "plots", "plantings", "weather"})
    void whatIsWrittenOutAndReadAgainChangesNothing(String sheet) {
        season.packed(season.sellable(), 50, 10);
        String text = written(sheet);
        JsonNode read = kept(sheet, text);
        assertThat(read.get("made").asInt()).isZero();
        assertThat(read.get("changed").asInt()).isZero();
        assertThat(read.get("same").asInt()).isPositive();
        assertThat(written(sheet)).isEqualTo(text);
    }

    @Test
    void stockThatIsAsTheBooksSayIsNotBooked() {
        String number = season.sellable();
        String text = "lot,bulk_g\n" + number + ","
                + season.lot(number).at("/stock/bulk").asString() + "\n";
        assertThat(kept("stock", text).get("same").asInt()).isEqualTo(1);
        assertThat(written("stock")).contains(number);
        JsonNode more = wrong("stock", "lot,bulk_g\n" + number + ",10\n");
        assertThat(more.get("column").asString()).isEqualTo("because");
        kept("stock", "lot,bulk_g,because\n" + number + ",10,spilt\n");
        assertThat(season.lot(number).at("/stock/bulk").asDouble()).isEqualTo(10);
    }

    @Test
    void customersAreAddedAndChangedAndNothingIsKeptBeforeItIsSaid() {
        String text = "name,kind,address,note\r\n" + own + ",shop,\"Quay 1\nAnvern\",\"says \"\"soon\"\"\"\r\n";
        JsonNode first = tried("customers", text);
        assertThat(first.get("made").asInt()).isEqualTo(1);
        assertThat(written("customers")).doesNotContain(own);
        kept("customers", text);
        assertThat(written("customers")).contains(own + ",shop,,\"Quay 1\nAnvern\",\"says \"\"soon\"\"\"");
        assertThat(kept("customers", text.replace("shop", "grower"))
                        .get("changed")
                        .asInt())
                .isEqualTo(1);
        assertThat(kept("customers", text.replace("shop", "grower")).get("same").asInt())
                .isEqualTo(1);
    }

    @Test
    void whatAColumnTellsThatTheFileDoesNotHaveIsLeftAsItStands() {
        kept("customers", "name,kind,address,note\n" + own + ",shop,Quay 1,by ferry\n");
        assertThat(kept("customers", "kind,name\ngrower," + own + "\n")
                        .get("changed")
                        .asInt())
                .isEqualTo(1);
        assertThat(written("customers")).contains(own + ",grower,,Quay 1,by ferry");
        assertThat(kept("customers", "name,kind,address\n" + own + ",grower,\n")
                        .get("changed")
                        .asInt())
                .as("an empty cell empties")
                .isEqualTo(1);
        assertThat(written("customers")).contains(own + ",grower,,,by ferry");

        String needed = "crop,name,source,year_received";
        kept("varieties", needed + ",treated,leaf\npea," + own + ",a neighbour,2020,yes,\"grey, waxy\"\n");
        assertThat(kept("varieties", needed + "\npea," + own + ",a neighbour,2020\n")
                        .get("same")
                        .asInt())
                .isEqualTo(1);
        assertThat(kept("varieties", needed + ",treated\npea," + own + ",a friend,2020,no\n")
                        .get("changed")
                        .asInt())
                .isEqualTo(1);
        assertThat(written("varieties")).contains("pea," + own + ",a friend,2020,no,no,no,,\"grey, waxy\"");
    }

    @Test
    void aCustomerWhoHadGoneIsOneAgainWhenAFileNamesThem() {
        kept("customers", "name,kind\n" + own + ",shop\n");
        String id = "";
        for (JsonNode customer : grower.get("/api/customers").ok()) {
            id = customer.get("name").asString().equals(own)
                    ? customer.get("id").asString()
                    : id;
        }
        grower.post("/api/customers/" + id + "/end", Season.changed(0, "closed"))
                .ok();
        assertThat(written("customers")).doesNotContain(own);
        kept("customers", "name,kind\n" + own + ",market\n");
        assertThat(written("customers")).contains(own + ",market");
    }

    @Test
    void everyBadLineIsToldWithItsPlaceAndNoneIsKept() {
        String text = "name,kind\n" + own + ",shop\n\n\"two\nlines\",nobody\n,shop\n" + "x".repeat(81) + ",shop\n";
        JsonNode read = sent("customers", true, text).ok();
        assertThat(read.get("kept").asBoolean()).isFalse();
        assertThat(read.get("refused").asInt()).isEqualTo(3);
        assertThat(read.at("/lines/0/line").asInt())
                .as("where its first line is")
                .isEqualTo(4);
        assertThat(read.at("/lines/0/column").asString()).isEqualTo("kind");
        assertThat(read.at("/lines/0/value").asString()).isEqualTo("nobody");
        assertThat(read.at("/lines/1/line").asInt()).isEqualTo(6);
        assertThat(read.at("/lines/2/why").asString()).contains("at most 80 characters");
        assertThat(written("customers")).doesNotContain(own);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "''|nothing|nothing in this file",
                "'name,kind\n\"x,shop\n'|an open quote|a quote in it is not closed"
            })
    void aFileThatIsNoSuchTableIsRefusedAsAWhole(String text, String value, String why) {
        Client.Answer refused = sent("customers", true, text == null ? "" : text);
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.field()).isEqualTo("file");
        assertThat(refused.json().get("value").asString()).isEqualTo(value);
        assertThat(refused.detail()).contains(why);
    }

    @Test
    void spreadsheetsOfOtherCountriesAreReadToo() {
        String number = season.sellable();
        String tests = "\uFEFFlot;kind;on;grams\r\n" + number + ";seed_weight;2026-08-12;24,1 23,8 24,6\r\n";
        kept("tests", tests);
        assertThat(season.lot(number).at("/known/tests/seedWeights/0/grams/1").asDouble())
                .isEqualTo(23.8);
        JsonNode told = kept("tests", "lot,kind,on,grams\n" + number + ",seed_weight,2026-08-13,\"24,2 23,9 24,6\"\n");
        assertThat(told.at("/how/decimals").asString()).isEqualTo("COMMA");
    }

    @ParameterizedTest
    @ValueSource(strings = {"=1+1", "+cmd", "-2+3", "@sum(a1)", "'=1", "''x", "'plain"})
    void whatASpreadsheetWouldRunIsWrittenAsTextAndReadBackAsItWas(String note) {
        String first = "\"" + own + "\",other,\"" + note + "\"";
        kept("customers", "name,kind,note\n" + first + "\n");
        String line = written("customers")
                .lines()
                .filter(one -> one.startsWith(own))
                .findFirst()
                .orElseThrow();
        assertThat(line.substring(line.lastIndexOf(',') + 1)).matches("[^=+@-].*");
        assertThat(kept("customers", written("customers")).get("changed").asInt())
                .isZero();
    }

    @Test
    void aLotFromAnOldBookIsPickedCleanedAndNumbered() {
        String planting = season.planted("pea", "2026-03-20", 300);
        JsonNode grown = grower.get("/api/plantings/" + planting).ok().get("planting");
        String where = "pea," + grown.at("/variety/name").asString() + ",2026,"
                + grown.get("plotName").asString();
        String header = "lot,crop,variety,season,plot,picked_on,picked_g,plants,clean_on,clean_g,kept_g\n";
        kept("lots", header + "," + where + ",2026-08-02,9000,250,2026-08-10,5200,300\n");
        String line = written("lots")
                .lines()
                .filter(one -> one.contains(grown.at("/variety/name").asString()))
                .findFirst()
                .orElseThrow();
        JsonNode lot = season.lot(line.substring(0, line.indexOf(',')));
        assertThat(lot.at("/stock/bulk").asDouble()).isEqualTo(5200);
        assertThat(lot.at("/stock/free").asDouble()).isEqualTo(4900);
        assertThat(wrong("lots", header + "," + where + ",2026-08-02,9000,250,2026-08-10,9100,0\n")
                        .get("why")
                        .asString())
                .as("no yield over all there was")
                .isNotBlank();
        assertThat(wrong("lots", header + ",pea,Nobody's,2026,Nowhere,2026-08-02,9000,250,,,\n")
                        .get("column")
                        .asString())
                .isEqualTo("plot");
        assertThat(wrong(
                                "lots",
                                "lot,crop,variety,season,plot,clean_g\n" + line.substring(0, line.indexOf(',')) + ","
                                        + where + ",1\n")
                        .get("why")
                        .asString())
                .contains("corrected where it was made");
    }

    @Test
    void nobodyWaitsForAFileThatIsTriedOrKept() throws Exception {
        String planting = season.planted("pea", "2026-03-20", 300);
        JsonNode grown = grower.get("/api/plantings/" + planting).ok().get("planting");
        String line = ",pea," + grown.at("/variety/name").asString() + ",2026,"
                + grown.get("plotName").asString() + ",2026-08-02,9000,250,2026-08-10,5200\n";
        String text = "lot,crop,variety,season,plot,picked_on,picked_g,plants,clean_on,clean_g\n" + line.repeat(100);
        for (boolean keep : List.of(false, true)) {
            CompletableFuture<Client.Answer> reading = CompletableFuture.supplyAsync(() -> sent("lots", keep, text));
            int numbered = 0;
            while (!reading.isDone()) {
                season.numbered(planting);
                numbered++;
            }
            assertThat(reading.get().ok().get("made").asInt()).isEqualTo(100);
            assertThat(reading.get().ok().get("kept").asBoolean()).isEqualTo(keep);
            assertThat(numbered)
                    .as("numbered by somebody else meanwhile, kept %s", keep)
                    .isGreaterThan(5);
        }
    }

    @Test
    void salesOfAYearAreReadOnceAndNeverMoreThanThereIs() {
        String number = season.sellable();
        season.packed(number, 50, 30);
        String header = "customer,lot,sold_on,packets,price,kind,note\n";
        String twelve = own + "," + number + ",2026-08-14,12,30,,\n";
        JsonNode over = wrong("sales", header + twelve + twelve + twelve);
        assertThat(over.get("line").asInt()).isEqualTo(4);
        assertThat(season.lot(number).at("/stock/packets").asInt()).isEqualTo(30);
        assertThat(kept("sales", header + twelve + twelve).get("made").asInt()).isEqualTo(2);
        assertThat(season.lot(number).at("/stock/packets").asInt()).isEqualTo(6);
        assertThat(wrong("sales", header + own + "," + number + ",2026-08-14,1,-5,,\n")
                        .get("column")
                        .asString())
                .isEqualTo("price");
        assertThat(wrong("sales", header + own + ",26-PEA-01-Q,2026-08-14,1,5,,\n")
                        .get("column")
                        .asString())
                .isEqualTo("lot");
        JsonNode overlong = wrong("sales", header + own + "," + "9".repeat(60) + ",2026-08-14,1,5,,\n");
        assertThat(overlong.get("line").asInt()).isEqualTo(2);
        assertThat(overlong.get("why").asString()).contains("at most 40 characters");
        grower.post("/api/lots/" + number + "/hold", Season.record("reason", "mixed up"))
                .ok();
        assertThat(wrong("sales", header + own + "," + number + ",2026-08-14,1,5,,\n")
                        .get("why")
                        .asString())
                .contains("may not be packed or sold");
        String sold = written("sales");
        String line =
                sold.lines().filter(one -> one.contains(number)).findFirst().orElseThrow();
        assertThat(wrong("sales", sold.lines().findFirst().orElseThrow() + "\n" + line.replace(",30,", ",31,") + "\n")
                        .get("why")
                        .asString())
                .contains("not changed by a file");
    }

    @Test
    void anOrderOfSeveralLinesIsMadeAsOne() {
        String number = season.sellable();
        season.packed(number, 50, 30);
        JsonNode variety = season.lot(number).at("/known/planting/variety");
        kept("customers", "name,kind\n" + own + ",shop\n");
        String header = "order,customer,ordered_on,wanted_on,crop,variety,seeds,packets,bulk_g,price\n";
        String begin =
                "a," + own + ",2026-08-14,2026-08-20,pea," + variety.get("name").asString();
        kept("orders", header + begin + ",50,10,,2.5\n" + begin + ",,,200,4\n");
        String order = written("orders")
                .lines()
                .filter(line -> line.contains(own))
                .reduce((one, other) -> one + "\n" + other)
                .orElseThrow();
        assertThat(order.lines()).hasSize(2);
        assertThat(order.lines()
                        .map(line -> line.substring(0, line.indexOf(',')))
                        .distinct())
                .hasSize(1);
        assertThat(season.lot(number).at("/stock/packetsFree").asInt()).isEqualTo(20);
        assertThat(wrong("orders", header + begin + ",50,10,,2.5\n" + begin.replace("08-20", "08-21") + ",,,200,4\n")
                        .get("column")
                        .asString())
                .isEqualTo("order");
        assertThat(wrong("orders", header + begin + ",50,,,2.5\n").get("column").asString())
                .isEqualTo("packets");
    }

    @Test
    void anOrderThatStandsThereIsComparedAndNeverChanged() {
        season.packed(season.sellable(), 50, 30);
        String[] lines = written("orders").split("\n", 3);
        String there = lines[0] + "\n" + lines[1] + "\n";
        assertThat(kept("orders", there).get("same").asInt()).isEqualTo(1);
        String wanted = lines[1].split(",")[4];
        assertThat(wrong("orders", there.replace("," + wanted + ",", ",2026-12-24,"))
                        .get("why")
                        .asString())
                .contains("Change it on its page");
        assertThat(wrong("orders", there.replaceFirst("\\n[^,]+,[^,]+", "\nnew,Nobody of that name"))
                        .get("column")
                        .asString())
                .isEqualTo("customer");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "on,set_on,of_each,replicates|germination,,2026-08-12,100,4",
                "on,set_on,of_each,normal,hard,dead|germination,2026-08-13,2026-08-05,50,46 48,2 0,2 2",
                "on,set_on,of_each,replicates,spoilt|germination,,2026-08-05,100,4,mould",
                "on,grams|seed_weight,2026-08-12,24.10 23.9 24.3",
                "on,sample_g,pure_g,weed_g,inert_g|purity,2026-08-12,250.0,247.5,0.5,2.00",
                "on,readings_pct|moisture,2026-08-12,8.9 9.10 9",
                "on,dish_empty_g,dish_before_g,dish_after_g|moisture,2026-08-12,20 21,25.0 26,24.55 25.55",
                "on,sound,empty,eaten,shrunken,note|cut,2026-08-12,90,6,1,3,by eye",
                "on,seeds,eaten|weevils,2026-08-12,400,6"
            })
    void aTestOfAnyKindIsReadOnce(String test) {
        String[] told = test.split("\\|");
        String text = "lot,kind," + told[0] + "\n" + season.sellable() + "," + told[1] + "\n";
        assertThat(kept("tests", text).get("made").asInt()).isEqualTo(1);
        assertThat(kept("tests", text).get("same").asInt()).isEqualTo(1);
        assertThat(kept("tests", written("tests")).get("made").asInt()).isZero();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "on,dish_empty_g,dish_before_g,dish_after_g|moisture,2026-08-12,20 21,25,24 25|dish_before_g",
                "on,sound,empty,eaten,shrunken|cut,2026-08-12,90,six,1,3|empty",
                "on,seeds,eaten|weevils,2026-08-12,400,401|eaten",
                "on,sample_g,pure_g,inert_g|purity,2026-08-12,0,1,0|sample_g",
                "on,readings_pct|moisture,2026-08-12,9 105|readings_pct",
                "on,set_on,of_each,normal|germination,2026-08-13,2026-08-05,50,48 51|normal",
                "on,grams|smell,2026-08-12,1|kind",
                "on,grams|seed_weight,in August,24 24|on",
                "on,grams|seed_weight,2026-12-24,24 24|on"
            })
    void aWrongTestNamesItsColumn(String columns, String cells, String wrong) {
        JsonNode line = wrong("tests", "lot,kind," + columns + "\n" + season.sellable() + "," + cells + "\n");
        assertThat(line.get("column").asString()).isEqualTo(wrong);
        assertThat(line.get("why").asString()).isNotBlank();
    }

    @Test
    void aFileMayGradeALotDownKeepSomeAndHoldItButNotReleaseIt() {
        String number = season.sellable();
        String[] all = written("lots").split("\n");
        String line = Arrays.stream(all)
                .filter(one -> one.startsWith(number))
                .findFirst()
                .orElseThrow();
        assertThat(kept("lots", all[0] + "\n" + line.replace(",market,", ",own_use,"))
                        .get("changed")
                        .asInt())
                .isEqualTo(1);
        assertThat(season.lot(number).at("/known/lot/grade").asString()).isEqualTo("OWN_USE");
        String needed = "lot,crop,variety,season,plot";
        String where = Arrays.stream(line.split(",")).limit(5).collect(Collectors.joining(","));
        kept("lots", needed + ",kept_g,held_because\n" + where + ",250,mice in the shed\n");
        assertThat(season.lot(number).at("/stock/reserved").asInt()).isEqualTo(250);
        assertThat(season.lot(number).at("/known/lot/hold/reason").asString()).isEqualTo("mice in the shed");
        assertThat(wrong("lots", needed + ",held_because\n" + where + ",\n")
                        .get("why")
                        .asString())
                .contains("release it on its page");
        assertThat(wrong("lots", needed + ",kept_g\n" + where + ",-1\n")
                        .get("why")
                        .asString())
                .isNotBlank();
        assertThat(kept("lots", needed + "\n" + where + "\n").get("same").asInt())
                .isEqualTo(1);
    }

    @Test
    void aSaleWithoutAPriceIsAtTheCustomersTerms() {
        String number = season.sellable();
        season.packed(number, 50, 30);
        kept("sales", "customer,lot,sold_on,packets\n" + own + "," + number + ",2026-08-14,12\n");
        assertThat(season.lot(number).at("/sales/0/price").asDouble()).isEqualTo(12 * 2.5);
        assertThat(wrong("sales", "customer,lot,sold_on,bulk_g\n" + own + "," + number + ",2026-08-14,100\n")
                        .get("column")
                        .asString())
                .as("nobody ever said what bulk costs")
                .isEqualTo("price");
    }

    @Test
    void aTestBeforeTheHarvestIsRefused() {
        String number = season.sellable();
        assertThat(wrong(
                                "tests",
                                "lot,kind,on,set_on,of_each,normal\n" + number
                                        + ",germination,2026-03-10,2026-03-01,50,48 47\n")
                        .get("column")
                        .asString())
                .isEqualTo("set_on");
        assertThat(wrong(
                                "tests",
                                "lot,kind,on,set_on,of_each,normal\n" + number
                                        + ",germination,2026-08-13,2026-08-10,50,48 51\n")
                        .get("column")
                        .asString())
                .isEqualTo("normal");
    }

    @Test
    void aHundredThousandLinesAreReadInTime() {
        StringBuilder text = new StringBuilder("crop,name,source,year_received\n");
        for (int i = 0; i < 100_000; i++) {
            text.append("pea,").append(own).append(' ').append(i % 1000).append(",neighbour,2020\n");
        }
        JsonNode read = tried("varieties", text.toString());
        assertThat(read.get("made").asInt()).isEqualTo(1000);
        assertThat(read.get("same").asInt()).isEqualTo(99_000);
        Client.Answer refused = sent("varieties", false, text + "pea,one more,neighbour,2020\n");
        assertThat(refused.detail()).contains("too long");
    }

    @Test
    void everyColumnIsDocumented() throws Exception {
        String documented = Files.readString(Path.of("../docs/files.md"));
        for (JsonNode sheet : grower.get("/api/sheets").ok()) {
            String its = documented
                    .split("## " + sheet.get("name").asString() + "\n")[1]
                    .split("\n## ")[0];
            for (JsonNode column : sheet.get("columns")) {
                String name = "| `" + column.get("name").asString() + "`"
                        + (column.get("needed").asBoolean() ? " *" : "") + " |";
                assertThat(its).contains(name + " " + column.get("says").asString() + " |");
            }
        }
    }

    @Test
    void onlyAGrowerReadsAndWritesThem() {
        Client hand = Client.as("hand", port);
        assertThat(hand.get("/api/sheets/customers.csv").status()).isEqualTo(403);
        assertThat(hand.post("/api/sheets/customers?keep=true", "name,kind\nx,shop\n".getBytes(StandardCharsets.UTF_8))
                        .status())
                .isEqualTo(403);
        assertThat(grower.get("/api/sheets/nothing.csv").status()).isEqualTo(404);
    }
}
