package theriseed.server.thread;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import theriseed.server.lot.LotsShown;

/** Lots on their shelves and on their pages. */
@RestController
class ThreadController {
    private final Threads threads;
    private final Offered offered;

    ThreadController(Threads threads, Offered offered) {
        this.threads = threads;
        this.offered = offered;
    }

    @GetMapping("/api/lots")
    Threads.Shelves lots(@RequestParam(defaultValue = "0") int page, @RequestParam(defaultValue = "50") int size) {
        return threads.shelves(page, size);
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
        return threads.page(number);
    }

    /** Lots that are not clean yet. */
    @GetMapping("/api/bench")
    LotsShown<Threads.Shelved> bench() {
        return threads.atBench();
    }
}
