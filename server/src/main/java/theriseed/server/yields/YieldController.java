package theriseed.server.yields;

import java.util.Arrays;
import java.util.List;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import theriseed.server.base.Csv;

/** Yields over HTTP, and as a table to take along. */
@RestController
class YieldController {
    private static final List<String> TABLE = List.of(
            "lot",
            "variety",
            "season",
            "school",
            "picked_g",
            "clean_g",
            "share",
            "per_plant_g",
            "per_metre_of_row_g",
            "per_square_metre_g",
            "per_hour_g",
            "minutes",
            "missing_percent",
            "missing_because");

    private final Yields yields;

    YieldController(Yields yields) {
        this.yields = yields;
    }

    @GetMapping("/api/yields")
    Yields.YieldPage yields(
            @RequestParam(required = false) String crop, @RequestParam(defaultValue = "10") int seasons) {
        return yields.of(crop, seasons);
    }

    /** The same lots as a CSV file, masses in grams. */
    @GetMapping(value = "/api/yields.csv", produces = "text/csv")
    ResponseEntity<String> table(@RequestParam String crop, @RequestParam(defaultValue = "10") int seasons) {
        return Csv.file(
                "yields-" + crop,
                TABLE,
                yields.of(crop, seasons).lots().stream()
                        .map(row -> Arrays.asList(
                                row.number(),
                                row.variety(),
                                row.season(),
                                row.school() == null ? "own" : row.school(),
                                row.picked(),
                                row.clean(),
                                row.share(),
                                row.perPlant(),
                                row.perMetre(),
                                row.perSquareMetre(),
                                row.perHour(),
                                row.minutes(),
                                row.missing(),
                                row.missingBecause())));
    }
}
