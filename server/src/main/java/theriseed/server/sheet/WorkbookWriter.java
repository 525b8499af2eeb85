package theriseed.server.sheet;

import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Iterator;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;

/**
 * Writes a list as an XLSX workbook of one tab: numbers and days as such, all else as text that nothing runs.
 *
 * @param name of the tab
 * @param to gets it
 */
record WorkbookWriter(String name, OutputStream to) implements SheetWriter {
    private static final Pattern NUMBER = Pattern.compile("-?\\d{1,12}(\\.\\d{1,9})?");
    private static final Pattern DAY = Pattern.compile("\\d{4}-\\d{2}-\\d{2}");
    private static final int ROWS_HELD = 500;

    @Override
    public void write(List<Column> columns, Stream<List<Object>> lines) {
        try (Workbook book = new Workbook(to, "Theriseed", "1.0")) {
            Worksheet tab = book.newWorksheet(name);
            for (int i = 0; i < columns.size(); i++) {
                tab.value(0, i, columns.get(i).name());
                tab.style(0, i).bold().set();
            }
            tab.freezePane(0, 1);
            int row = 1;
            for (Iterator<List<Object>> each = lines.iterator(); each.hasNext(); row++) {
                List<Object> cells = each.next();
                for (int i = 0; i < cells.size(); i++) {
                    if (cells.get(i) != null) {
                        put(tab, row, i, columns.get(i), cells.get(i).toString());
                    }
                }
                if (row % ROWS_HELD == 0) {
                    tab.flush();
                }
            }
            tab.finish();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private static void put(Worksheet tab, int row, int at, Column column, String cell) {
        if (column.holds() == Column.Holds.NUMBERS && NUMBER.matcher(cell).matches()) {
            tab.value(row, at, new BigDecimal(cell));
        } else if (column.holds() == Column.Holds.DAY && DAY.matcher(cell).matches()) {
            tab.value(row, at, LocalDate.parse(cell));
            tab.style(row, at).format("yyyy-mm-dd").set();
        } else if (!cell.isEmpty()) {
            tab.value(row, at, cell);
        }
    }
}
