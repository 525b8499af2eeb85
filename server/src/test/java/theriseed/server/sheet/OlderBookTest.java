package theriseed.server.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.TestMethodOrder;
import theriseed.server.Client;
import theriseed.server.EmptyFarm;
import theriseed.server.OlderBook;
import tools.jackson.databind.JsonNode;

/** Ten years of a notebook come into a farm that has nothing yet, list by list. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class OlderBookTest {
    private EmptyFarm farm;
    private Client grower;

    @BeforeAll
    void begin() {
        farm = new EmptyFarm();
        grower = farm.grower;
    }

    @AfterAll
    void end() {
        farm.close();
    }

    private Client.Answer sent(String sheet, boolean keep, String how, byte[] file) {
        return grower.post(
                "/api/sheets/" + sheet + "?keep=" + keep + "&how=" + URLEncoder.encode(how, StandardCharsets.UTF_8),
                file);
    }

    private JsonNode tried(String sheet, String how, byte[] file) {
        return sent(sheet, false, how, file).ok();
    }

    private JsonNode kept(String sheet, String how, byte[] file) {
        JsonNode read = sent(sheet, true, how, file).ok();
        assertThat(read.get("kept").asBoolean()).as(read.toString()).isTrue();
        return read;
    }

    /** The column that a heading was taken for. */
    private static String column(JsonNode read, String heading) {
        return read.at("/how/headings")
                .valueStream()
                .filter(one -> one.get("called").asString().equals(heading))
                .findFirst()
                .orElseThrow()
                .path("column")
                .asString("");
    }

    @Test
    @Order(1)
    void fieldsOfAWorkbookAreLaidOutAndAskedToBePutInTheirPlace() {
        JsonNode other = tried("plots", "{\"tab\":\"Read me\"}", OlderBook.plots());
        assertThat(other.at("/how/tabs").toString()).isEqualTo("[\"Read me\",\"Ground\"]");
        assertThat(other.at("/how/missing").toString()).contains("name");
        JsonNode read = kept("plots", "", OlderBook.plots());
        assertThat(read.at("/how/tab").asString()).isEqualTo("Ground");
        assertThat(read.get("made").asInt()).isEqualTo(4);
        assertThat(column(read, "Soil")).as("a column this list does not have").isEmpty();
        assertThat(read.at("/notes/0").asString()).contains("Where 4 of the plots lie");
        assertThat(grower.get("/api/sheets/plots.csv").text()).contains("Field A,40.0,12.5,");
        assertThat(kept("plots", "", OlderBook.plots()).get("same").asInt()).isEqualTo(4);
    }

    @Test
    @Order(2)
    void varietiesOfAnyEncodingWhoseHeadingsHadToBeSaid() {
        JsonNode first = tried("varieties", "", OlderBook.varieties());
        assertThat(first.at("/how/encoding").asString()).isEqualTo("windows-1252");
        assertThat(first.at("/how/missing").toString()).isEqualTo("[\"crop\"]");
        assertThat(sent("varieties", true, "", OlderBook.varieties()).detail()).contains("crop is missing");
        String said = "{\"columns\":[{\"column\":\"crop\"},{\"column\":\"name\"},{\"column\":\"source\"},"
                + "{\"column\":\"year_received\"},{\"column\":null}]}";
        assertThat(kept("varieties", said, OlderBook.varieties()).get("made").asInt())
                .isEqualTo(4);
        JsonNode again = tried("varieties", "", OlderBook.varieties());
        assertThat(again.get("same").asInt()).as("what was said is remembered").isEqualTo(4);
        assertThat(again.at("/how/headings/0/remembered").asBoolean()).isTrue();
        assertThat(grower.get("/api/sheets/varieties.csv").text()).contains("pea,Dyke Walker", "lettuce,Café Höhe");
    }

    @Test
    @Order(3)
    void plantingsOfPastSeasonsAreTakenWhateverStoodThereBefore() {
        JsonNode read = kept("plantings", "", OlderBook.plantings());
        assertThat(read.at("/how/days").asString()).isEqualTo("DAY_FIRST");
        assertThat(read.get("made").asInt()).isEqualTo(40);
        assertThat(tried("plantings", "", OlderBook.plantings()).get("same").asInt())
                .isEqualTo(40);
        assertThat(grower.get("/api/sheets/plantings.csv").text()).contains("2019,pea,Dyke Walker,Field D,");
        String more = "season,crop,variety,plot,beds,sown_on,plants,in_row_m,first_flower_on\n"
                + "2024,pea,Dyke Walker,Field A,Bed 1; Bed 2 0-12.5,2024-03-25,200,0.1,2024-06-02\n";
        assertThat(kept("plantings", "", bytes(more)).get("changed").asInt()).isEqualTo(1);
        assertThat(kept("plantings", "", bytes(more)).get("same").asInt()).isEqualTo(1);
        JsonNode wrong = tried("plantings", "", bytes(more.replace("Bed 2", "Bed 9")));
        assertThat(wrong.at("/lines/0/column").asString()).isEqualTo("beds");
        JsonNode tooMany = tried(
                "plantings", "", bytes(more.replace("Bed 2 0-12.5", "Bed 3 0-1").replace(",200,", ",5000,")));
        assertThat(tooMany.at("/lines/0/why").asString()).contains("has room for");
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    @Test
    @Order(4)
    void lotsKeepTheNumbersTheyHad() {
        JsonNode read = kept("lots", "", OlderBook.lots());
        assertThat(read.get("made").asInt()).isEqualTo(40);
        assertThat(column(read, "Clean weight (kg)")).isEqualTo("clean_g");
        assertThat(tried("lots", "", OlderBook.lots()).get("same").asInt())
                .as("read a second time it says nothing new")
                .isEqualTo(40);
        JsonNode found = grower.get("/api/search?q=K22%2F1").ok();
        assertThat(found.toString()).contains("was K22/1");
        String line = grower.get("/api/sheets/lots.csv")
                .text()
                .lines()
                .filter(one -> one.contains(",K22/1,"))
                .findFirst()
                .orElseThrow();
        assertThat(line).contains(",pea,Dyke Walker,2022,").contains(",9000,200,2022-08-23,6000,");
        JsonNode early = grower.get("/api/sheets/lots.csv")
                .text()
                .lines()
                .filter(one -> one.contains(",K16/1,"))
                .findFirst()
                .map(one -> grower.get("/api/lots/" + one.split(",")[0]).ok())
                .orElseThrow();
        assertThat(early.toString()).contains("grew on Field A; only weighed when clean");
        JsonNode mistyped =
                tried("lots", "", bytes("lot,crop,variety,season,clean_g\n26-PEA-01-Q,pea,Dyke Walker,2016,1\n"));
        assertThat(mistyped.at("/lines/0/column").asString()).isEqualTo("lot");
    }

    @Test
    @Order(5)
    void testsAreJoinedByTheOldNumbers() {
        assertThat(kept("tests", "", OlderBook.tests()).get("made").asInt()).isEqualTo(40);
        assertThat(tried("tests", "", OlderBook.tests()).get("same").asInt()).isEqualTo(40);
    }

    @Test
    @Order(6)
    void whatAListOfCustomersHasNoColumnForGoesIntoTheNote() {
        String said = "{\"columns\":[{\"column\":\"name\"},{\"column\":\"kind\"},{\"column\":\"address\"},"
                + "{\"column\":\"note\"},{\"column\":\"note\"}]}";
        assertThat(kept("customers", said, OlderBook.customers()).get("made").asInt())
                .isEqualTo(2);
        assertThat(grower.get("/api/sheets/customers.csv").text())
                .contains("Quay Shop,shop,,Quay 1,E-mail: shop@example.org; Telephone: 0123 4");
        JsonNode all = kept("customers", "{\"all\":{\"kind\":\"market\"}}", bytes("Customer\nSaturday Cross\n"));
        assertThat(all.get("made").asInt()).isEqualTo(1);
        assertThat(grower.get("/api/sheets/customers.csv").text()).contains("Saturday Cross,market");
    }

    @Test
    @Order(7)
    void whatWasSoldBeforeThereWereTheseRecordsIsOutOfStockOnce() {
        JsonNode read = kept("sales", "", OlderBook.sales());
        assertThat(read.get("made").asInt()).isEqualTo(80);
        assertThat(tried("sales", "", OlderBook.sales()).get("same").asInt()).isEqualTo(80);
        String stock = grower.get("/api/sheets/stock.csv").text();
        assertThat(stock.lines().filter(line -> line.contains(",5800,")).count())
                .as("6 kg of peas less 40 packets of 2.5 g and 100 g, in each of ten years")
                .isEqualTo(10);
        JsonNode more = tried(
                "sales",
                "",
                bytes("customer,lot,sold_on,bulk_g,price\nQuay Shop," + OlderBook.lot(2020, 0)
                        + ",2021-05-01,6000,5\n"));
        assertThat(more.at("/lines/0/column").asString())
                .as("never more than there was")
                .isEqualTo("bulk_g");
    }

    @Test
    @Order(8)
    void aStationsReadingsInFahrenheitBecomeDays() {
        JsonNode read = kept("weather", "", OlderBook.weather(3000));
        assertThat(read.at("/how/headedIn").asInt()).isEqualTo(3);
        assertThat(read.at("/how/days").asString()).isEqualTo("MONTH_FIRST");
        assertThat(read.at("/notes/0").asString()).startsWith("2016-01-01 has 4 of 8 readings");
        assertThat(read.get("made").asInt()).isEqualTo(2999);
        assertThat(tried("weather", "", OlderBook.weather(3000)).get("same").asInt())
                .isEqualTo(2999);
        String day = grower.get("/api/sheets/weather.csv")
                .text()
                .lines()
                .filter(line -> line.startsWith("2018-01-25"))
                .findFirst()
                .orElseThrow();
        assertThat(Double.parseDouble(day.split(",")[1])).isCloseTo(-1, within(0.06));
        assertThat(Double.parseDouble(day.split(",")[2])).isCloseTo(7, within(0.06));
        JsonNode celsius = tried(
                "weather",
                "{\"columns\":[{\"column\":\"day\"},{\"column\":\"air_c\",\"unit\":\"C\"},{\"column\":null}]}",
                OlderBook.weather(30));
        assertThat(celsius.at("/lines/0/why").asString()).contains("warmer than usual");
    }

    @Test
    @Order(9)
    void daysOfADiaryAreKeptOnlyWhenAllAreRight() {
        String diary = "Day,Low,High\n2015-05-01,6.1,13.2\n2015-05-02, 7.0 ,14\n2015-05-05,5,12.5\n";
        JsonNode asked = tried("weather", "", bytes(diary));
        assertThat(asked.get("made").asInt()).isEqualTo(3);
        assertThat(asked.get("kept").asBoolean()).isFalse();
        assertThat(asked.at("/notes/0").asString()).startsWith("no line for 2015-05-03 to 2015-05-04");
        kept("weather", "", bytes(diary));
        assertThat(kept("weather", "", bytes(diary.replace("13.2", "13.4")))
                        .get("changed")
                        .asInt())
                .isEqualTo(1);
        for (String wrong :
                new String[] {"2015-05-01,13,6", "2015-05-01,6", "soon,6,13", "2041-05-01,6,13", "2015-05-01,six,13"}) {
            JsonNode read = tried("weather", "", bytes("day,low,high\n" + wrong + "\n2015-05-02,7,14\n"));
            assertThat(read.get("refused").asInt()).as(wrong).isEqualTo(1);
            assertThat(read.at("/lines/0/line").asInt()).isEqualTo(2);
        }
        assertThat(tried("weather", "", bytes("day,low,high\n2015-05-01,6,13\n2015-05-01,6,13\n"))
                        .get("refused")
                        .asInt())
                .isEqualTo(1);
    }

    @Test
    @Order(10)
    void whatCouldBeReadInTwoWaysIsOnlyKeptOnceItWasSaid() {
        byte[] diary = bytes("day,low,high\n3/4/2014,1,12\n5/4/2014,2,11\n");
        JsonNode asked = tried("weather", "", diary);
        assertThat(asked.at("/how/unsure").toString()).isEqualTo("[\"days\"]");
        assertThat(sent("weather", true, "", diary).field()).isEqualTo("days");
        kept("weather", "{\"days\":\"MONTH_FIRST\"}", diary);
        assertThat(grower.get("/api/sheets/weather.csv").text()).contains("2014-03-04,1", "2014-05-04,2");
        byte[] thousandths = bytes("day;low;high\n2014-06-01;1.234;12.345\n");
        assertThat(tried("weather", "", thousandths).at("/how/unsure").toString())
                .as("a spreadsheet of a country with commas, or of one with points")
                .isEqualTo("[\"decimals\"]");
        kept("weather", "{\"decimals\":\"POINT\"}", thousandths);
        assertThat(grower.get("/api/sheets/weather.csv").text()).contains("2014-06-01,1.234,12.345");
    }

    @Test
    @Order(11)
    void listsAreWrittenForSpreadsheetsOfAnyCountry() {
        String office = grower.get("/api/sheets/weather.csv?partedBy=semicolon&decimals=COMMA&mark=true")
                .text();
        assertThat(office).startsWith("\uFEFFday;low_c;high_c;air_c;source").contains("2015-05-01;6,1;13,4;;");
        assertThat(kept("weather", "", bytes(office)).get("changed").asInt()).isZero();
        for (String sheet : new String[] {"lots", "plantings", "plots", "varieties", "tests", "customers", "weather"}) {
            byte[] book = grower.get("/api/sheets/" + sheet + ".xlsx").body();
            JsonNode read = kept(sheet, "", book);
            assertThat(read.get("made").asInt() + read.get("changed").asInt())
                    .as(sheet)
                    .isZero();
            assertThat(read.get("same").asInt()).isPositive();
        }
        assertThat(grower.get("/api/sheets/weather.csv?partedBy=x").field()).isEqualTo("partedBy");
    }
}
