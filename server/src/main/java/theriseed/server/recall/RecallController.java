package theriseed.server.recall;

import java.util.Arrays;
import java.util.List;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import theriseed.server.base.Csv;
import theriseed.server.base.HandsWork;

/** Who has seed of a lot, over HTTP, and as a list to take along. */
@RestController
class RecallController {
    private static final List<String> LIST = List.of("customer", "lot", "sold_on", "packets", "bulk_g");

    private final Recalls recalls;

    RecallController(Recalls recalls) {
        this.recalls = recalls;
    }

    @HandsWork
    @GetMapping("/api/lots/{number}/recall")
    Recall recall(@PathVariable String number) {
        return recalls.of(number);
    }

    /** Who has some, one sale a line. */
    @HandsWork
    @GetMapping(value = "/api/lots/{number}/recall.csv", produces = "text/csv")
    ResponseEntity<String> list(@PathVariable String number) {
        return Csv.file(
                "recall-" + number,
                LIST,
                recalls.holders(number).stream()
                        .map(one ->
                                Arrays.asList(one.customer(), one.number(), one.soldOn(), one.packets(), one.bulk())));
    }
}
