package theriseed.server.sheet;

import java.util.List;
import java.util.stream.Stream;

/** Writes a list into a file of some kind, a line after the other. */
interface SheetWriter {
    /** @param lines a cell for each column; null where nothing stands */
    void write(List<Column> columns, Stream<List<Object>> lines);
}
