package theriseed.server.history;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import theriseed.server.lot.LotsShown;

/** Lots on their shelves and on their pages. */
@RestController
class LotPageController {
    private final LotPages lotPages;
    private final LotShelves shelves;
    private final Offered offered;

    LotPageController(LotPages lotPages, LotShelves shelves, Offered offered) {
        this.lotPages = lotPages;
        this.shelves = shelves;
        this.offered = offered;
    }

    @GetMapping("/api/lots")
    LotShelves.Shelves lots(@RequestParam(defaultValue = "0") int page, @RequestParam(defaultValue = "50") int size) {
        return shelves.all(page, size);
    }

    /** Lots with seed left, without who had the rest. */
    @GetMapping("/api/stocked")
    LotsShown<Offered.Stocked> stocked() {
        return offered.all();
    }

    /** The same page by page, those that may be sold first. */
    @GetMapping("/api/stall")
    Offered.Counter stall(@RequestParam(defaultValue = "0") int page, @RequestParam(defaultValue = "100") int size) {
        return offered.page(page, size);
    }

    @GetMapping("/api/lots/{number}")
    LotPage lot(@PathVariable String number) {
        return lotPages.page(number);
    }

    /** Lots that are not clean yet, or are still to be dried for the store. */
    @GetMapping("/api/bench")
    LotsShown<LotShelves.Shelved> bench() {
        return shelves.atBench();
    }
}
