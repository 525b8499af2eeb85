package theriseed.server.sheet;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import theriseed.server.base.Refused;

/** The headings of a file, which column of a sheet each is, and its lines read by that. */
final class Headings {
    /** Instruments write some lines about themselves before the headings. */
    private static final int ROWS_LOOKED_AT = 20;

    private static final int CELLS_SHOWN = 3;
    private static final int CHARACTERS_SHOWN = 40;
    private static final int LONGEST = 80;
    private static final Pattern UNIT =
            Pattern.compile("[\\[(]\\s*°?([A-Za-z]+)\\s*[\\])]|°\\s?([CF])|[_ ]([a-z]{1,2})$");

    private final List<Column> columns;
    private final SentTable table;
    private final int header;
    private final List<String> called;
    private final List<Told.Matched> matched = new ArrayList<>();
    private final Set<Integer> remembered = new HashSet<>();
    private final Map<String, String> all;
    private final Writing.Found found;

    /** Those headings that are columns, found once for all lines. */
    private final List<Field> fields;

    /**
     * A heading that is a column.
     *
     * @param at its place in the file
     * @param unit of its numbers; null where they have none
     * @param headed what stands in front of what it adds to a note; empty for nothing
     */
    private record Field(int at, Column column, Unit unit, String headed) {}

    /**
     * @param known what headings were said to be before
     * @param usual how numbers and days are written here
     * @throws Refused where the file has no line, or a column is said to stand there twice
     */
    Headings(SentTable table, List<Column> columns, Told told, Map<String, Told.Matched> known, Writing usual) {
        if (table.rows().isEmpty()) {
            throw new Refused("file", "nothing", "file.empty");
        }
        this.columns = columns;
        this.table = table;
        this.header = headerOf(table, columns);
        this.called = table.rows().get(header).cells().stream()
                .map(cell -> shortened(cell.strip(), LONGEST))
                .toList();
        this.all = new LinkedHashMap<>(told.all());
        if (told.columns() == null) {
            guess(known);
        } else {
            take(told.columns());
        }
        for (String column : all.keySet()) {
            named(column);
        }
        this.fields = fields();
        this.found = writing(told, usual);
    }

    private List<Field> fields() {
        List<Field> found = new ArrayList<>();
        for (int i = 0; i < matched.size(); i++) {
            if (matched.get(i).column() != null) {
                Column column = named(matched.get(i).column());
                found.add(new Field(i, column, matched.get(i).unit(), headed(column, called.get(i))));
            }
        }
        return found;
    }

    /** What several columns add to a note carries its heading. */
    private String headed(Column column, String heading) {
        long several = matched.stream()
                .filter(match -> column.name().equals(match.column()))
                .count();
        return several < 2 || is(column, plain(heading)) ? "" : heading + ": ";
    }

    /** The first row with the most headings that are known. */
    private static int headerOf(SentTable table, List<Column> columns) {
        int best = 0;
        long most = 0;
        for (int i = 0; i < Math.min(ROWS_LOOKED_AT, table.rows().size()); i++) {
            long known = known(table.rows().get(i), columns);
            if (known > most) {
                most = known;
                best = i;
            }
        }
        return best;
    }

    /** How many headings of these rows are known, in the row with the most of them. */
    static long known(List<SentTable.Row> rows, List<Column> columns) {
        return rows.stream()
                .limit(ROWS_LOOKED_AT)
                .mapToLong(row -> known(row, columns))
                .max()
                .orElse(0);
    }

    private static long known(SentTable.Row row, List<Column> columns) {
        return row.cells().stream()
                .filter(cell -> columns.stream().anyMatch(column -> is(column, plain(cell))))
                .count();
    }

    private static boolean is(Column column, String heading) {
        return !heading.isEmpty()
                && (heading.equals(column.name())
                        || heading.equals(withoutUnit(column))
                        || column.alike().contains(heading));
    }

    private static String withoutUnit(Column column) {
        return column.unit().isPresent()
                ? column.name().substring(0, column.name().lastIndexOf('_'))
                : column.name();
    }

    /** A heading in small letters with _ between its words, without accents and units. */
    static String plain(String heading) {
        String letters = Normalizer.normalize(heading, Normalizer.Form.NFD).replaceAll("\\p{M}", "");
        String small = letters.replaceAll("[\\[(].*?[\\])]|°\\s?[CF]?", " ").toLowerCase(Locale.ROOT);
        return shortened(small.replaceAll("[^\\p{L}\\p{N}]+", "_").replaceAll("^_+|_+$", ""), LONGEST);
    }

    private static String shortened(String text, int most) {
        return text.length() > most ? text.substring(0, most) : text;
    }

    private void guess(Map<String, Told.Matched> known) {
        Set<String> taken = new HashSet<>();
        for (int i = 0; i < called.size(); i++) {
            String heading = plain(called.get(i));
            Told.Matched match = Optional.ofNullable(known.get(heading))
                    .filter(said ->
                            said.column() == null || column(said.column()).isPresent())
                    .orElse(null);
            if (match != null) {
                remembered.add(i);
            } else {
                String typed = called.get(i);
                match = columns.stream()
                        .filter(column -> is(column, heading))
                        .findFirst()
                        .map(column -> new Told.Matched(column.name(), unitIn(typed, column)))
                        .orElse(Told.Matched.LEFT_OUT);
            }
            boolean again = match.column() != null
                    && named(match.column()).holds() != Column.Holds.NOTE
                    && !taken.add(match.column());
            matched.add(again ? Told.Matched.LEFT_OUT : match);
        }
    }

    /** The unit a heading tells, as in Harvest (kg); that of the column where it tells none. */
    private static Unit unitIn(String heading, Column column) {
        Unit own = column.unit().orElse(null);
        if (own == null) {
            return null;
        }
        Matcher told = UNIT.matcher(heading);
        while (told.find()) {
            String name = told.group(1) != null ? told.group(1) : told.group(2) != null ? told.group(2) : told.group(3);
            Optional<Unit> unit = own.called(name);
            if (unit.isPresent()) {
                return unit.get();
            }
        }
        return own;
    }

    private void take(List<Told.Matched> said) {
        Set<String> taken = new HashSet<>();
        for (int i = 0; i < called.size(); i++) {
            Told.Matched match = i < said.size() && said.get(i) != null ? said.get(i) : Told.Matched.LEFT_OUT;
            if (match.column() != null) {
                Column column = named(match.column());
                if (column.holds() != Column.Holds.NOTE && !taken.add(column.name())) {
                    throw new Refused("columns", column.name(), "file.columnTwice");
                }
                Unit own = column.unit().orElse(null);
                Unit unit =
                        own == null || match.unit() == null || !own.alike().contains(match.unit()) ? own : match.unit();
                match = new Told.Matched(column.name(), unit);
            }
            matched.add(match);
        }
    }

    private Optional<Column> column(String name) {
        return columns.stream().filter(column -> column.name().equals(name)).findFirst();
    }

    private Column named(String name) {
        return column(name).orElseThrow(() -> new Refused("columns", name, "file.noColumn"));
    }

    private Writing.Found writing(Told told, Writing usual) {
        // Where commas part cells, none can part decimals without quotes; where semicolons do, one mostly does.
        boolean partedByCommas = ",".equals(table.partedBy());
        Writing.Decimals byParting = ";".equals(table.partedBy()) ? Writing.Decimals.COMMA : usual.decimals();
        Stream<String> cells = fields.stream()
                .filter(field -> field.column().holds() == Column.Holds.NUMBERS
                        || field.column().holds() == Column.Holds.DAY)
                .flatMap(field -> body().map(row -> row.cell(field.at())));
        Writing.Found read = Writing.of(cells, new Writing(byParting, usual.days()), partedByCommas);
        Writing writing = new Writing(
                told.decimals() == null ? read.writing().decimals() : told.decimals(),
                told.days() == null ? read.writing().days() : told.days());
        return new Writing.Found(
                writing, read.decimalsSure() || told.decimals() != null, read.daysSure() || told.days() != null);
    }

    private Stream<SentTable.Row> body() {
        return table.rows().stream().skip(header + 1L);
    }

    /** What could be read otherwise and nobody said how. */
    List<String> unsure() {
        List<String> unsure = new ArrayList<>();
        if (!found.decimalsSure()) {
            unsure.add("decimals");
        }
        if (!found.daysSure()) {
            unsure.add("days");
        }
        return unsure;
    }

    /** Columns that new lines need and that are told nowhere. */
    List<String> missing() {
        return columns.stream()
                .filter(Column::isNeeded)
                .map(Column::name)
                .filter(name ->
                        !all.containsKey(name) && matched.stream().noneMatch(match -> name.equals(match.column())))
                .toList();
    }

    /** The headings as they are remembered. */
    List<String> plain() {
        return called.stream().map(Headings::plain).toList();
    }

    List<Told.Matched> matched() {
        return matched;
    }

    HowRead how() {
        List<HowRead.Heading> headings = new ArrayList<>();
        for (int i = 0; i < called.size(); i++) {
            int at = i;
            Told.Matched match = matched.get(i);
            headings.add(new HowRead.Heading(
                    called.get(i),
                    body().map(row -> row.cell(at).strip())
                            .filter(cell -> !cell.isEmpty())
                            .limit(CELLS_SHOWN)
                            .map(cell -> shortened(cell, CHARACTERS_SHOWN))
                            .toList(),
                    match.column(),
                    match.unit(),
                    match.column() == null
                            ? List.of()
                            : named(match.column()).unit().map(Unit::alike).orElse(List.of()),
                    remembered.contains(i)));
        }
        return new HowRead(
                table.encoding(),
                table.partedBy(),
                found.writing().decimals(),
                found.writing().days(),
                unsure(),
                table.tabs(),
                table.tab(),
                table.rows().get(header).number(),
                headings,
                missing());
    }

    /** The lines below the headings, in our own writing. */
    List<Line> lines() {
        return body().map(this::line).toList();
    }

    private Line line(SentTable.Row row) {
        Map<String, String> cells = new HashMap<>();
        all.forEach((column, cell) -> cells.put(column, said(named(column), null, cell)));
        for (Field field : fields) {
            Column column = field.column();
            String cell = said(column, field.unit(), row.cell(field.at()));
            if (column.holds() == Column.Holds.NOTE) {
                cells.merge(column.name(), cell.isBlank() ? "" : field.headed() + cell.strip(), Headings::joined);
            } else {
                cells.put(column.name(), cell);
            }
        }
        return new Line(row.number(), cells);
    }

    private String said(Column column, Unit unit, String cell) {
        Writing writing = found.writing();
        return switch (column.holds()) {
            case NUMBERS ->
                unit == null || unit.equals(column.unit().orElseThrow())
                        ? writing.numbers(cell)
                        : writing.number(cell, unit, column.unit().orElseThrow());
            case DAY -> writing.day(cell);
            default -> cell;
        };
    }

    private static String joined(String one, String other) {
        return one.isEmpty() ? other : other.isEmpty() ? one : one + "; " + other;
    }
}
