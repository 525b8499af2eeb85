package theriseed.server.yields;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Yields over HTTP, and as a table to take along. */
@RestController
class YieldController {
    private static final CSVFormat TABLE = CSVFormat.RFC4180
            .builder()
            .setHeader(
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
                    "missing_because")
            .get();

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
        StringWriter table = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(table, TABLE)) {
            for (Yields.LotYieldRow row : yields.of(crop, seasons).lots()) {
                printer.printRecord(
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
                        row.missingBecause());
            }
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"yields-" + crop + ".csv\"")
                .body(table.toString());
    }
}
