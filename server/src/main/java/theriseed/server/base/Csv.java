package theriseed.server.base;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** Tables to take along: RFC 4180, in UTF-8. */
public final class Csv {
    /** In front of text some spreadsheets know UTF-8 by it. */
    public static final String BYTE_ORDER = "\uFEFF";

    private static final String RUNS_IN_A_SPREADSHEET = "=+-@\t\r";
    private static final String MARK = "'";
    private static final Pattern BELOW_NOTHING = Pattern.compile("-\\d+([.,]\\d+)?");
    private static final MediaType TYPE = MediaType.parseMediaType("text/csv;charset=UTF-8");

    private Csv() {}

    /** A file of this name; text that a spreadsheet would run is marked as text. */
    public static ResponseEntity<String> file(String name, List<String> header, Stream<? extends List<?>> rows) {
        return file(name, Stream.<List<?>>concat(Stream.of(header), rows));
    }

    /** The same; the first row is the header. */
    public static ResponseEntity<String> file(String name, Stream<? extends List<?>> rows) {
        StringWriter table = new StringWriter();
        print(rows, table);
        return ResponseEntity.ok()
                .contentType(TYPE)
                .header(HttpHeaders.CONTENT_DISPOSITION, attached(name + ".csv"))
                .body(table.toString());
    }

    /** Sends a file of this name that was {@linkplain #print printed} before. */
    public static void send(String name, Path file, HttpServletResponse response) throws IOException {
        send(name + ".csv", TYPE, file, response);
    }

    /** Sends a table of another kind. @param name with its ending */
    public static void send(String name, MediaType type, Path file, HttpServletResponse response) throws IOException {
        response.setContentType(type.toString());
        response.setContentLengthLong(Files.size(file));
        response.setHeader(HttpHeaders.CONTENT_DISPOSITION, attached(name));
        Files.copy(file, response.getOutputStream());
    }

    private static String attached(String name) {
        return "attachment; filename=\"" + name + "\"";
    }

    /** Prints rows one after the other; none is held longer. */
    public static <R extends List<?>> void print(Stream<R> rows, Appendable to) {
        print(rows, ',', to);
    }

    /** The same. @param partedBy what stands between cells */
    public static <R extends List<?>> void print(Stream<R> rows, char partedBy, Appendable to) {
        CSVFormat format = CSVFormat.RFC4180.builder().setDelimiter(partedBy).get();
        try (CSVPrinter printer = new CSVPrinter(to, format)) {
            for (R row : (Iterable<R>) rows::iterator) {
                for (Object value : row) {
                    printer.print(plain(value));
                }
                printer.println();
            }
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private static Object plain(Object value) {
        return value instanceof String text && marked(text) ? MARK + text : value;
    }

    /** What a cell held before it was written; the mark on what a spreadsheet would run is taken off again. */
    public static String typed(String cell) {
        return cell.startsWith(MARK) && marked(cell.substring(1)) ? cell.substring(1) : cell;
    }

    /** What would run, which a number below 0 does not, and what was marked itself, so that a mark taken off is always one that was put on. */
    private static boolean marked(String text) {
        int first = 0;
        while (text.startsWith(MARK, first)) {
            first++;
        }
        return first < text.length()
                && RUNS_IN_A_SPREADSHEET.indexOf(text.charAt(first)) >= 0
                && !BELOW_NOTHING.matcher(text.substring(first)).matches();
    }
}
