package theriseed.server.report;

import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import theriseed.server.base.FarmTime;
import theriseed.server.farm.Farms;
import theriseed.server.history.LotPage;
import theriseed.server.history.LotPages;
import theriseed.server.seedroom.Keepings;
import theriseed.server.sown.Elsewhere;
import theriseed.server.words.Readers;

/** A lot's report over HTTP. */
@RestController
class ReportController {
    private final LotPages lotPages;
    private final Keepings keepings;
    private final Farms farms;
    private final FarmTime time;
    private final Elsewhere elsewhere;
    private final Readers readers;

    ReportController(
            LotPages lotPages, Keepings keepings, Farms farms, FarmTime time, Elsewhere elsewhere, Readers readers) {
        this.readers = readers;
        this.elsewhere = elsewhere;
        this.lotPages = lotPages;
        this.keepings = keepings;
        this.farms = farms;
        this.time = time;
    }

    /** What a customer is told of a lot. */
    @GetMapping(value = "/api/lots/{number}/for-customers.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> forCustomers(@PathVariable String number) {
        LotPage page = lotPages.page(number);
        return new CustomerReport(
                        page, farms.get().name(), time.today(), elsewhere.treated(page.known()), readers.now())
                .paper()
                .file("about-" + page.known().lot().number());
    }

    /** All that the records say, for an inspector. */
    @GetMapping(value = "/api/lots/{number}/report.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> report(@PathVariable String number) {
        LotPage page = lotPages.page(number);
        return new LotReport(
                        page,
                        keepings.of(List.of(page.known()))
                                .get(page.known().lot().id()),
                        farms.get().name(),
                        time.today(),
                        time.zone(),
                        readers.now())
                .paper()
                .file("lot-" + page.known().lot().number());
    }
}
