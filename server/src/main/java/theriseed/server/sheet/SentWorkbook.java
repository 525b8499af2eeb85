package theriseed.server.sheet;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.math.MathContext;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Iterator;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.apache.commons.compress.archivers.zip.ZipArchiveEntry;
import org.apache.commons.compress.archivers.zip.ZipFile;
import org.dhatim.fastexcel.reader.Cell;
import org.dhatim.fastexcel.reader.CellType;
import org.dhatim.fastexcel.reader.ExcelReaderException;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.ReadingOptions;
import org.dhatim.fastexcel.reader.Row;
import org.dhatim.fastexcel.reader.Sheet;
import org.dhatim.fastexcel.reader.SheetVisibility;
import theriseed.server.base.Refused;

/** Reads a tab of an XLSX workbook: numbers with a point, days as 2026-08-14, formulas as what they came to. */
final class SentWorkbook {
    /** A workbook is packed; what it unpacks to is looked at before it is read. */
    private static final long MOST_UNPACKED_BYTES = 300_000_000;

    private static final int MOST_COLUMNS = 200;

    /** Sums in a spreadsheet carry a tail of noise behind their fifteen digits. */
    private static final MathContext DIGITS = new MathContext(14);

    private static final int THOUSANDTHS = 3;

    private static final Pattern SAYS_DAY = Pattern.compile("(?i)[dy]");
    private static final Pattern IN_QUOTES = Pattern.compile("\"[^\"]*\"|\\[[^]]*]|\\\\.");

    private SentWorkbook() {}

    static boolean is(byte[] bytes) {
        return bytes.length > 3 && bytes[0] == 'P' && bytes[1] == 'K';
    }

    /**
     * Reads the tab that is said, or else the one with the most headings that are known.
     *
     * @param most rows it may have
     */
    static SentTable read(byte[] bytes, Told told, List<Column> columns, int most) {
        checkSize(bytes);
        try (ReadableWorkbook book =
                new ReadableWorkbook(new ByteArrayInputStream(bytes), new ReadingOptions(true, true))) {
            List<Sheet> tabs = book.getSheets()
                    .filter(tab -> tab.getVisibility() == SheetVisibility.VISIBLE)
                    .toList();
            List<String> names = tabs.stream().map(Sheet::getName).toList();
            SentTable best = null;
            long known = -1;
            for (Sheet tab : tabs) {
                if (told.tab() == null || tab.getName().equals(told.tab())) {
                    List<SentTable.Row> rows = rows(tab, most);
                    long here = Headings.known(rows, columns);
                    if (here > known) {
                        known = here;
                        best = new SentTable(rows, null, null, names, tab.getName());
                    }
                }
            }
            if (best == null) {
                throw new Refused("tab", told.tab() == null ? "none" : told.tab(), "file.noTab");
            }
            return best;
        } catch (IOException | UncheckedIOException | ExcelReaderException broken) {
            throw new Refused("file", "a workbook that is broken", "file.noWorkbook");
        }
    }

    private static void checkSize(byte[] bytes) {
        long unpacked = 0;
        byte[] some = new byte[64_000];
        try (ZipFile zip = ZipFile.builder().setByteArray(bytes).get()) {
            for (ZipArchiveEntry entry : Collections.list(zip.getEntries())) {
                try (InputStream packed = zip.getInputStream(entry)) {
                    for (int read = packed.read(some); read >= 0; read = packed.read(some)) {
                        unpacked += read;
                        if (unpacked > MOST_UNPACKED_BYTES) {
                            throw new Refused(
                                    "file",
                                    "more than " + MOST_UNPACKED_BYTES / 1_000_000 + " MB",
                                    "file.tooLarge",
                                    "most",
                                    MOST_UNPACKED_BYTES / 1_000_000);
                        }
                    }
                }
            }
        } catch (IOException | IllegalArgumentException broken) {
            throw new Refused("file", "a workbook that is broken", "file.noWorkbook");
        }
    }

    private static List<SentTable.Row> rows(Sheet tab, int most) throws IOException {
        List<SentTable.Row> rows = new ArrayList<>();
        try (Stream<Row> all = tab.openStream()) {
            for (Iterator<Row> each = all.iterator(); each.hasNext(); ) {
                Row row = each.next();
                List<String> cells = new ArrayList<>();
                for (int i = 0; i < Math.min(row.getCellCount(), MOST_COLUMNS); i++) {
                    cells.add(row.getOptionalCell(i).map(SentWorkbook::text).orElse(""));
                }
                SentTable.Row read = new SentTable.Row(row.getRowNum(), cells);
                if (!read.blank()) {
                    rows.add(read);
                    if (rows.size() > most) {
                        throw new Refused("file", "more than " + most, "file.tooLong", "most", most);
                    }
                }
            }
        }
        return rows;
    }

    private static String text(Cell cell) {
        String raw = cell.getRawValue();
        boolean number = cell.getType() == CellType.NUMBER
                || cell.getType() == CellType.FORMULA && raw != null && raw.matches("-?[\\d.]+([eE][-+]?\\d+)?");
        if (number && isDay(cell)) {
            LocalDateTime day = cell.asDate();
            return day.toLocalTime().equals(LocalTime.MIDNIGHT)
                    ? day.toLocalDate().toString()
                    : day.toString();
        }
        if (number) {
            return number(new BigDecimal(raw).round(DIGITS).stripTrailingZeros());
        }
        return cell.getType() == CellType.EMPTY || cell.getText() == null ? "" : cell.getText();
    }

    /** A number of a workbook can be read in one way only: three decimals, which could be thousands in text, get a fourth. */
    private static String number(BigDecimal number) {
        return (number.scale() == THOUSANDTHS ? number.setScale(THOUSANDTHS + 1) : number).toPlainString();
    }

    private static boolean isDay(Cell cell) {
        String format = cell.getDataFormatString();
        return format != null
                && SAYS_DAY.matcher(IN_QUOTES.matcher(format).replaceAll("")).find();
    }
}
