package theriseed.server.catalogue;

import static org.assertj.core.api.Assertions.assertThat;
import static theriseed.server.Season.packingOf;
import static theriseed.server.Season.record;
import static theriseed.server.Season.with;

import java.io.IOException;
import java.util.List;
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

@DemoFarmTest
class CatalogueTest {
    @LocalServerPort
    int port;

    Season season;
    Client grower;
    String number;

    @BeforeEach
    void packed() {
        season = new Season(port);
        grower = season.grower;
        number = season.sellable();
        grower.post("/api/lots/" + number + "/packing", with(packingOf(50, 20), "price", 3.15))
                .ok();
    }

    private List<String> lines() {
        return grower.get("/api/catalogue.csv")
                .text()
                .lines()
                .filter(line -> line.contains(number))
                .toList();
    }

    private String paper(String path) throws IOException {
        try (PDDocument pdf = Loader.loadPDF(grower.get(path).body())) {
            return new PDFTextStripper().getText(pdf);
        }
    }

    private String run() {
        return season.lot(number).at("/stock/runs/0/id").asString();
    }

    @Test
    void whatMayBeSoldAndIsPromisedToNobodyStandsThere() throws IOException {
        assertThat(lines()).singleElement().asString().contains(",50,,,3.15,packet,20,", ",2027,", ",no");
        String market = grower.post("/api/customers", record("name", "Fair " + UUID.randomUUID(), "kind", "MARKET"))
                .ok()
                .get("id")
                .asString();
        grower.post(
                        "/api/stall-days",
                        record(
                                "customerId",
                                market,
                                "heldOn",
                                "2026-08-14",
                                "note",
                                "",
                                "lines",
                                List.of(record("number", number, "packingRunId", run(), "taken", 12))))
                .ok();
        assertThat(lines()).singleElement().asString().contains(",packet,8,");
        assertThat(paper("/api/catalogue.pdf")).contains(number, "50 seeds", "3.15");
        assertThat(paper("/api/price-list.pdf")).contains("50 seeds", "3.15").doesNotContain(number);
        grower.post("/api/lots/" + number + "/hold", record("reason", "two jars, one label"))
                .ok();
        assertThat(lines()).as("nothing on hold is offered").isEmpty();
    }

    @Test
    void aPriceListHasItsOwnPricesAndSellsByWeight() throws IOException {
        String list = grower.post("/api/price-lists", record("name", "Shops " + UUID.randomUUID(), "share", 80))
                .ok()
                .get("id")
                .asString();
        String variety = season.lot(number).at("/known/variety/id").asString();
        grower.put("/api/price-lists/" + list + "/prices", record("varietyId", variety, "byWeight", true, "price", 9.5))
                .ok();
        String csv = grower.get("/api/catalogue.csv?list=" + list).text();
        assertThat(csv.lines().filter(line -> line.contains(number)))
                .as("packets, then bulk")
                .satisfiesExactly(
                        line -> assertThat(line).contains(",2.52,packet,20,"),
                        line -> assertThat(line).contains(",9.50,100 g,,"));
        assertThat(paper("/api/price-list.pdf?list=" + list)).contains("by weight, 100 g", "9.50", "Shops");
        assertThat(grower.get("/api/price-list.pdf?list=" + UUID.randomUUID()).status())
                .isEqualTo(404);
        assertThat(Client.as("visitor", port).get("/api/catalogue.pdf").status())
                .isEqualTo(403);
    }
}
