package theriseed.server.invoice;

import static org.assertj.core.api.Assertions.assertThat;
import static theriseed.server.Season.record;
import static theriseed.server.Season.with;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

@DemoFarmTest
class InvoicesTest {
    private static final Map<String, Object> SAID = record(
            "address",
            "The quay 2\nSkerrow Head",
            "taxNumber",
            "tax number 77",
            "bank",
            "Account 1234, Harbour bank",
            "paymentDays",
            14,
            "taxes",
            "VAT 20 %",
            "within",
            false,
            "closing",
            "");

    @LocalServerPort
    int port;

    Season season;
    Client grower;
    String number;
    JsonNode order;

    @BeforeEach
    void anOrderThatWaits() {
        season = new Season(port);
        grower = season.grower;
        number = season.sellable();
        season.packed(number, 50, 40);
        String variety = season.lot(number).at("/known/lot/varietyId").asString();
        String customer = grower.post(
                        "/api/customers",
                        record(
                                "name",
                                "Shop " + UUID.randomUUID(),
                                "kind",
                                "SHOP",
                                "address",
                                "Rope walk 9",
                                "note",
                                ""))
                .ok()
                .get("id")
                .asString();
        order = grower.post(
                        "/api/orders",
                        record(
                                "customerId",
                                customer,
                                "kind",
                                "SALE",
                                "orderedOn",
                                "2026-08-14",
                                "wantedOn",
                                "2026-09-01",
                                "note",
                                "before the regatta",
                                "lines",
                                List.of(
                                        record("varietyId", variety, "seeds", 50, "packets", 30),
                                        record("varietyId", variety, "seeds", 50, "packets", 10))))
                .ok();
    }

    @AfterEach
    void nothingIsSaidAnyMore() {
        say(record(
                "address",
                "",
                "taxNumber",
                "",
                "bank",
                "",
                "paymentDays",
                30,
                "taxes",
                "",
                "within",
                false,
                "closing",
                ""));
    }

    private void say(Map<String, Object> facts) {
        int version = grower.get("/api/letterhead").ok().get("version").asInt();
        grower.put("/api/letterhead", with(with(facts, "version", version), "reason", "as it is now"))
                .ok();
    }

    private JsonNode deliver(int line) {
        String only = order.at("/lines/" + line + "/out/0/id").asString();
        return grower.post(at("/deliver"), record("on", "2026-08-14", "note", "", "only", List.of(only)))
                .ok();
    }

    private String at(String what) {
        return "/api/orders/" + order.get("id").asString() + what;
    }

    private Client.Answer make() {
        return grower.post(at("/invoices"), record("invoicedOn", "2026-08-14"));
    }

    private Client.Answer put(JsonNode invoice, String what, Map<String, Object> facts) {
        String path = "/api/invoices/" + invoice.get("id").asString() + "/" + what;
        return grower.put(path, with(facts, "version", invoice.get("version").asInt()));
    }

    private String text(JsonNode invoice) throws IOException {
        byte[] pdf = grower.get("/api/invoices/" + invoice.get("id").asString() + "/invoice.pdf")
                .body();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
        }
    }

    @Test
    void itAsksForWhatWasDeliveredAndCanBeSent() throws IOException {
        say(SAID);
        assertThat(make().field()).as("nothing went yet").isEqualTo("order");
        deliver(0);
        JsonNode invoice = make().ok();
        assertThat(invoice.get("dueOn").asString()).isEqualTo("2026-08-28");
        assertThat(invoice.at("/sum/net").asDouble()).isEqualTo(75);
        assertThat(invoice.at("/sum/toPay").asDouble()).isEqualTo(90);
        assertThat(text(invoice))
                .contains("The quay 2", "tax number 77", "Rope walk 9", number, "30 packets of 50", "75.00")
                .contains("VAT, 20 % 15.00", "To pay 90.00 EUR", "28 Aug 2026", "Harbour bank")
                .doesNotContain("regatta", "10 packets");
    }

    @Test
    void eachDeliveryIsAskedForOnceUnderNumbersThatFollowEachOther() {
        deliver(0);
        JsonNode first = make().ok();
        assertThat(make().field()).isEqualTo("order");
        deliver(1);
        JsonNode second = make().ok();
        assertThat(second.at("/sum/toPay").asDouble()).isEqualTo(25);
        assertThat(serial(second)).isEqualTo(serial(first) + 1);
        assertThat(grower.post(at("/deliveries/1/back"), record("reason", "came back whole"))
                        .field())
                .isEqualTo("delivery");
        assertThat(put(first, "cancelled", record("reason", "")).field()).isEqualTo("reason");
        put(first, "cancelled", record("reason", "the wrong price")).ok();
        JsonNode anew = make().ok();
        assertThat(anew.get("firstDelivery").asInt()).isEqualTo(1);
        assertThat(anew.get("lastDelivery").asInt())
                .as("the second is asked for already")
                .isEqualTo(1);
        assertThat(serial(anew)).isEqualTo(serial(second) + 1);
    }

    private static int serial(JsonNode invoice) {
        return Integer.parseInt(invoice.get("number").asString().substring(5));
    }

    @Test
    void whatItCameToStaysWhenTheFarmsTaxesChange() throws IOException {
        say(SAID);
        deliver(0);
        JsonNode invoice = make().ok();
        say(with(SAID, "taxes", "VAT 25 %", "within", true));
        assertThat(text(invoice)).contains("VAT, 20 % 15.00", "To pay 90.00 EUR");
        deliver(1);
        JsonNode later = make().ok();
        assertThat(later.at("/sum/toPay").asDouble()).isEqualTo(25);
        assertThat(later.at("/sum/net").asDouble()).isEqualTo(20);
    }

    @Test
    void itIsPaidOnADayOrTurnsOutNotToBe() {
        deliver(0);
        JsonNode invoice = make().ok();
        assertThat(unpaid()).contains(invoice.get("number").asString());
        assertThat(put(invoice, "paid", record("paidOn", "2026-08-01")).field()).isEqualTo("paidOn");
        JsonNode paid = put(invoice, "paid", record("paidOn", "2026-08-14")).ok();
        assertThat(unpaid()).doesNotContain(invoice.get("number").asString());
        assertThat(put(paid, "cancelled", record("reason", "a mistake")).field())
                .isEqualTo("paidOn");
        assertThat(put(paid, "paid", record()).field()).isEqualTo("reason");
        put(paid, "paid", record("reason", "the cheque came back")).ok();
        assertThat(unpaid()).contains(invoice.get("number").asString());
    }

    private List<String> unpaid() {
        return grower.get("/api/invoices?size=200")
                .ok()
                .get("items")
                .valueStream()
                .map(one -> one.get("number").asString())
                .toList();
    }

    @Test
    void aTaxWithoutPercentIsNamed() {
        int version = grower.get("/api/letterhead").ok().get("version").asInt();
        Client.Answer refused = grower.put(
                "/api/letterhead", with(SAID, "taxes", "VAT 20 %\nsome other", "version", version, "reason", "x"));
        assertThat(refused.field()).isEqualTo("taxes");
        assertThat(grower.put("/api/letterhead", with(SAID, "taxes", "VAT 120", "version", version, "reason", "x"))
                        .field())
                .isEqualTo("taxes");
    }
}
