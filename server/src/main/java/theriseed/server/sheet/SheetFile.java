package theriseed.server.sheet;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import theriseed.server.base.Csv;
import theriseed.server.base.Refused;

/**
 * Reads a CSV file as spreadsheets write them: with or without a mark of its bytes' order, parted by commas, semicolons or
 * tabs, with line ends inside quotes, its columns in any order.
 */
final class SheetFile {
    private static final String BYTE_ORDER = "\uFEFF";
    private static final String PARTED_BY = ",;\t";

    private SheetFile() {}

    /**
     * The lines of a file; those without anything are left out.
     *
     * @param most lines it may have
     * @throws Refused where it is no table, or its columns are not those of the sheet
     */
    static List<Line> read(String text, List<Column> columns, int most) {
        String plain = text.startsWith(BYTE_ORDER) ? text.substring(1) : text;
        char parted = partedBy(plain);
        List<Line> lines = new ArrayList<>();
        try (CSVParser parser = CSVFormat.RFC4180
                .builder()
                .setDelimiter(parted)
                .setIgnoreEmptyLines(false)
                .get()
                .parse(new StringReader(plain))) {
            List<String> header = null;
            long begins = 1;
            for (CSVRecord record : parser) {
                int number = (int) begins;
                begins = parser.getCurrentLineNumber() + 1;
                if (header == null) {
                    header = header(record, columns);
                } else if (record.stream().anyMatch(cell -> !cell.isBlank())) {
                    lines.add(line(number, record, header, parted != ','));
                    if (lines.size() > most) {
                        throw new Refused("file", "more than " + most, "file.tooLong", "most", most);
                    }
                }
            }
            if (header == null) {
                throw new Refused("file", "nothing", "file.empty");
            }
        } catch (IOException | UncheckedIOException | IllegalStateException noTable) {
            throw new Refused("file", "an open quote", "file.noTable");
        }
        return lines;
    }

    /** What most parts the first line. */
    private static char partedBy(String text) {
        String first = text.lines().findFirst().orElse("");
        char best = ',';
        long most = 0;
        for (char one : PARTED_BY.toCharArray()) {
            long count = first.chars().filter(sign -> sign == one).count();
            if (count > most) {
                most = count;
                best = one;
            }
        }
        return best;
    }

    private static List<String> header(CSVRecord record, List<Column> columns) {
        Set<String> known = columns.stream().map(Column::name).collect(Collectors.toSet());
        List<String> header = new ArrayList<>();
        Set<String> seen = new HashSet<>();
        for (String cell : record) {
            String name = cell.strip().toLowerCase(Locale.ROOT);
            if (!known.contains(name) || !seen.add(name)) {
                throw new Refused(
                        "file",
                        name.isEmpty() ? "a column without a name" : name.substring(0, Math.min(40, name.length())),
                        known.contains(name) ? "file.columnTwice" : "file.noColumn",
                        "columns",
                        columns.stream().map(Column::name).collect(Collectors.joining(", ")));
            }
            header.add(name);
        }
        for (Column column : columns) {
            if (column.needed() && !seen.contains(column.name())) {
                throw new Refused("file", column.name(), "file.columnMissing", "column", column.name());
            }
        }
        return header;
    }

    private static Line line(int number, CSVRecord record, List<String> header, boolean commas) {
        Map<String, String> cells = new HashMap<>();
        for (int i = 0; i < header.size() && i < record.size(); i++) {
            cells.put(header.get(i), Csv.typed(record.get(i)));
        }
        return new Line(number, cells, commas);
    }
}
