package theriseed.server.report;

import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import theriseed.server.base.FarmTime;
import theriseed.server.farm.Farms;
import theriseed.server.seedroom.Keepings;
import theriseed.server.thread.LotPage;
import theriseed.server.thread.Threads;
import theriseed.server.words.Readers;

/** A lot's report over HTTP. */
@RestController
class ReportController {
    private final Threads threads;
    private final Keepings keepings;
    private final Farms farms;
    private final FarmTime time;
    private final Readers readers;

    ReportController(Threads threads, Keepings keepings, Farms farms, FarmTime time, Readers readers) {
        this.readers = readers;
        this.threads = threads;
        this.keepings = keepings;
        this.farms = farms;
        this.time = time;
    }

    @GetMapping(value = "/api/lots/{number}/report.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> report(@PathVariable String number) {
        LotPage page = threads.page(number);
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
