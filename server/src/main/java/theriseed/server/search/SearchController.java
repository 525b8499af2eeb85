package theriseed.server.search;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import theriseed.core.lot.LotNumber;
import theriseed.server.base.Maybe;
import theriseed.server.base.Roles;

/** Searches all the farm's records by what is typed or scanned. */
@RestController
class SearchController {
    private static final int MOST_OF_A_KIND = 5;
    private static final String LOOKS_LIKE_A_NUMBER =
            "(?i)\\d\\d[\\s./-]?[a-z0-9]{3}[\\s./-]?\\d{2,4}[\\s./-]?[a-z0-9]";

    private final List<Searched> everything;

    SearchController(List<Searched> everything) {
        this.everything = everything;
    }

    /** Why what reads like a lot's number opens none. */
    enum NoLot {
        /** Its last character does not fit the rest. */
        MISTYPED,
        /** It is rightly typed, but no lot here has it. */
        NOT_HERE
    }

    /**
     * @param opens what has exactly the number that was typed
     * @param noLot where a number was typed that opens nothing
     */
    record Answer(@Maybe Hit opens, @Maybe NoLot noLot, List<Hit> hits) {}

    @GetMapping("/api/search")
    Answer search(@RequestParam String q) {
        if (q.isBlank()) {
            return new Answer(null, null, List.of());
        }
        List<Searched> mine = Roles.onlyLooks()
                ? everything.stream().filter(Searched::forVisitors).toList()
                : everything;
        SearchWords words = SearchWords.of(q);
        List<Hit> hits = mine.stream()
                .flatMap(some -> some.hits(words, MOST_OF_A_KIND).stream())
                .sorted(Comparator.comparing(Hit::kind))
                .toList();
        if (!words.typed().matches(LOOKS_LIKE_A_NUMBER)) {
            return new Answer(null, null, hits);
        }
        String folded = LotNumber.folded(words.typed());
        if (!LotNumber.valid(folded)) {
            return new Answer(null, hits.isEmpty() ? NoLot.MISTYPED : null, hits);
        }
        Optional<Hit> opens =
                mine.stream().flatMap(some -> some.numbered(folded).stream()).findFirst();
        return new Answer(opens.orElse(null), opens.isEmpty() && hits.isEmpty() ? NoLot.NOT_HERE : null, hits);
    }
}
