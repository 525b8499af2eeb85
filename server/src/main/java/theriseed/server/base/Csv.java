package theriseed.server.base;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** Tables to take along: RFC 4180, in UTF-8. */
public final class Csv {
    private static final String RUNS_IN_A_SPREADSHEET = "=+-@\t\r";
    private static final MediaType TYPE = MediaType.parseMediaType("text/csv;charset=UTF-8");

    private Csv() {}

    /** A file of this name; text that a spreadsheet would run is marked as text. */
    public static ResponseEntity<String> file(String name, List<String> header, Stream<? extends List<?>> rows) {
        StringWriter table = new StringWriter();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader(header.toArray(String[]::new))
                .get();
        try (CSVPrinter printer = new CSVPrinter(table, format)) {
            for (List<?> row : rows.toList()) {
                printer.printRecord(row.stream().map(Csv::plain));
            }
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
        return ResponseEntity.ok()
                .contentType(TYPE)
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + ".csv\"")
                .body(table.toString());
    }

    private static Object plain(Object value) {
        boolean runs =
                value instanceof String text && !text.isEmpty() && RUNS_IN_A_SPREADSHEET.indexOf(text.charAt(0)) >= 0;
        return runs ? "'" + value : value;
    }
}
