package theriseed.server.report;

import static org.assertj.core.api.Assertions.assertThat;
import static theriseed.server.Season.record;
import static theriseed.server.Season.with;

import java.io.IOException;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;

@DemoFarmTest
class LotReportTest {
    @LocalServerPort
    int port;

    Season season;

    @BeforeEach
    void season() {
        season = new Season(port);
    }

    private record Report(int pages, String text) {}

    private Report report(String number) throws IOException {
        return paper(number, "report");
    }

    private Report paper(String number, String name) throws IOException {
        byte[] pdf =
                season.grower.get("/api/lots/" + number + "/" + name + ".pdf").body();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new Report(
                    document.getNumberOfPages(),
                    new PDFTextStripper().getText(document).replaceAll("\\s+", " "));
        }
    }

    @Test
    void aLotsLifeStandsOnItWithoutItsCustomers() throws IOException {
        String number = season.sellable();
        String run = season.packed(number, 50, 10);
        season.grower
                .post("/api/lots/" + number + "/sales", with(Season.saleOf(run, 4), "customer", "Croft, north"))
                .ok();
        Report report = report(number);
        assertThat(report.pages()).isLessThanOrEqualTo(2);
        assertThat(report.text())
                .contains(number, "Nothing holds it back", "290", "9 kg", "94 % of 400 seeds")
                .contains("10 packets filled, 4 of them sold, 6 here", "it certifies nothing")
                .doesNotContain("Croft");
    }

    @Test
    void aCustomerIsToldWhatTheSeedIsAndNothingOfTheFarmsOwnAffairs() throws IOException {
        String number = season.sellable();
        season.grower
                .put("/api/lots/" + number + "/reserve", record("version", season.versionOf(number), "grams", 20))
                .ok();
        Report report = paper(number, "for-customers");
        assertThat(report.pages()).isEqualTo(1);
        assertThat(report.text())
                .contains(number, "harvest 2026", "94 % of 400 seeds", "290", "treated no", "it is no certificate")
                .contains("walked for off-types")
                .doesNotContain("reserved", "became", "divided", "picked", "Not for sale");
        String unclean = season.picked(season.planted("pea", "2026-03-20", 300), 400, 30);
        assertThat(paper(unclean, "for-customers").text()).contains("Not for sale as it is", "germination");
    }

    @Test
    void itIsWrittenForWhoeverPrintsIt() throws IOException {
        String number = season.sellable();
        assertThat(report(number).text()).contains("9 kg", "sown 20 Mar 2026");
        prefers("US", "en-US");
        assertThat(report(number).text())
                .contains("19.8 lb", "sown Mar 20, 2026")
                .doesNotContain("9 kg");
        prefers("METRIC", "en-GB");
    }

    private void prefers(String units, String locale) {
        season.grower
                .put("/api/session/preferences", record("units", units, "theme", "DAYLIGHT", "locale", locale))
                .ok();
    }

    @Test
    void whatWasOverruledAndCorrectedStaysOnItForEver() throws IOException {
        String planting = season.planted("pea", "2026-03-20", 300);
        season.walked(planting, 300);
        String number = season.picked(planting, 400, 6);
        season.cleaned(number, 400);
        season.tested(number, 24.1, 23.9, 24.3, 24.0);
        String id = season.grower
                .post(
                        "/api/lots/" + number + "/overrulings",
                        record("reason", "TOO_FEW_MOTHERS", "why", "the last of an old row", "lawful", true))
                .ok()
                .at("/0/id")
                .asString();
        season.grower
                .post("/api/overrulings/" + id + "/withdraw", record("why", "more seed turned up"))
                .ok();
        assertThat(report(number).text())
                .contains("It is held back", "picked from 6 plants", "the last of an old row", "more seed turned up");
    }

    @Test
    void howeverLongTheLifeItStaysShortAndSaysHowMuchMoreThereIs() throws IOException {
        String number = season.sellable();
        for (int i = 0; i < 60; i++) {
            season.grower
                    .post(
                            "/api/lots/" + number + "/weevils",
                            record("lookedOn", "2026-08-10", "seeds", 200, "bored", 0))
                    .ok();
            String test = season.grower
                    .post("/api/lots/" + number + "/germination", record("setOn", "2026-08-04", "perReplicate", 100))
                    .ok()
                    .get("id")
                    .asString();
            season.grower
                    .post(
                            "/api/germination/" + test + "/spoilt",
                            record("why", "the paper dried out over a long and sunny week, number " + i))
                    .ok();
        }
        Report report = report(number);
        assertThat(report.pages()).isLessThanOrEqualTo(2);
        assertThat(report.text()).contains("and 106 more in the records");
    }
}
