package theriseed.server.sheet;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import theriseed.server.base.Csv;

/**
 * Writes a list as text.
 *
 * @param to gets it
 * @param partedBy what stands between cells
 * @param decimals what parts decimals
 */
record TextWriter(Appendable to, char partedBy, Writing.Decimals decimals) implements SheetWriter {

    @Override
    public void write(List<Column> columns, Stream<List<Object>> lines) {
        Stream<List<Object>> header =
                Stream.of(columns.stream().<Object>map(Column::name).toList());
        Csv.print(Stream.concat(header, lines.map(line -> cells(columns, line))), partedBy, to);
    }

    private List<Object> cells(List<Column> columns, List<Object> line) {
        if (decimals == Writing.Decimals.POINT) {
            return line;
        }
        return IntStream.range(0, line.size())
                .mapToObj(i -> columns.get(i).holds() == Column.Holds.NUMBERS && line.get(i) != null
                        ? (Object) line.get(i).toString().replace('.', ',')
                        : line.get(i))
                .toList();
    }
}
