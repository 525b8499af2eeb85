package theriseed.server.catalogue;

import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import theriseed.server.base.HandsWork;

/** Price list and catalogue over HTTP, by the prices of a list or those on the packets. */
@RestController
class CatalogueController {
    private final Catalogue catalogue;
    private final CataloguePapers papers;

    CatalogueController(Catalogue catalogue, CataloguePapers papers) {
        this.catalogue = catalogue;
        this.papers = papers;
    }

    @HandsWork
    @GetMapping(value = "/api/price-list.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> prices(@RequestParam(required = false) UUID list) {
        return papers.prices(catalogue.of(list));
    }

    @HandsWork
    @GetMapping(value = "/api/catalogue.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> catalogue(@RequestParam(required = false) UUID list) {
        return papers.catalogue(catalogue.of(list));
    }

    @HandsWork
    @GetMapping(value = "/api/catalogue.csv", produces = "text/csv")
    ResponseEntity<String> file(@RequestParam(required = false) UUID list) {
        return papers.file(catalogue.of(list));
    }
}
