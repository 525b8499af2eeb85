package theriseed.server.sheet;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import theriseed.core.measure.Range;
import theriseed.server.base.Refused;

/**
 * A line of a sheet, its numbers and days in our own writing. Cells without anything are no value; what stands in the
 * others is checked when it is asked for.
 *
 * @param number of the line in the file, from 1, where it begins
 */
record Line(int number, Map<String, String> cells) {
    private static final Pattern NUMBER = Pattern.compile("-?\\d{1,12}(\\.\\d{1,15})?");
    private static final int LONGEST = 1000;

    /** Whether the file has such a column at all. */
    boolean told(String column) {
        return cells.containsKey(column);
    }

    boolean has(String column) {
        return !cells.getOrDefault(column, "").isBlank();
    }

    /** The text of a cell, of at most so many characters; empty where nothing stands. */
    String text(String column, int most) {
        String text = cells.getOrDefault(column, "").strip();
        if (text.length() > most) {
            Range.of(0, most, "characters").check(column, text.length());
        }
        return text;
    }

    /** The same; what stands there already where the file has no such column. */
    String text(String column, int most, String already) {
        return told(column) ? text(column, most) : already;
    }

    String needed(String column, int most) {
        if (!has(column)) {
            throw Refused.missing(column);
        }
        return text(column, most);
    }

    private String text(String column) {
        return text(column, LONGEST);
    }

    private String needed(String column) {
        return needed(column, LONGEST);
    }

    LocalDate day(String column) {
        try {
            return LocalDate.parse(needed(column));
        } catch (DateTimeParseException notOne) {
            throw wrong(column, text(column), "day");
        }
    }

    /** The same; null where nothing stands, and what is already where the file has no such column. */
    LocalDate maybeDay(String column, LocalDate already) {
        return !told(column) ? already : has(column) ? day(column) : null;
    }

    BigDecimal decimal(String column) {
        return decimal(column, needed(column));
    }

    private BigDecimal decimal(String column, String typed) {
        if (!NUMBER.matcher(typed).matches()) {
            throw wrong(column, typed, "number");
        }
        return new BigDecimal(typed);
    }

    /** The same; null where nothing stands. */
    BigDecimal maybeDecimal(String column) {
        return has(column) ? decimal(column) : null;
    }

    int whole(String column) {
        return whole(column, needed(column));
    }

    private int whole(String column, String typed) {
        if (!typed.matches("-?\\d{1,9}")) {
            throw wrong(column, typed, "wholeNumber");
        }
        return Integer.parseInt(typed);
    }

    Integer maybeWhole(String column) {
        return has(column) ? Integer.valueOf(whole(column)) : null;
    }

    /** Whole numbers with blanks between them. */
    List<Integer> wholes(String column) {
        return parts(column).map(part -> whole(column, part)).toList();
    }

    /** Decimal numbers with blanks between them. */
    List<Double> decimals(String column) {
        return parts(column).map(part -> decimal(column, part).doubleValue()).toList();
    }

    private Stream<String> parts(String column) {
        return Arrays.stream(text(column).split("[ ;/]+")).filter(part -> !part.isEmpty());
    }

    /** Yes or no; no where nothing stands, and what is already where the file has no such column. */
    boolean yes(String column, boolean already) {
        if (!told(column)) {
            return already;
        }
        return switch (text(column).toLowerCase(Locale.ROOT)) {
            case "yes", "y", "true", "1", "x" -> true;
            case "", "no", "n", "false", "0" -> false;
            default -> throw wrong(column, text(column), "yesOrNo");
        };
    }

    /** One of some words, however large their letters are. */
    <E extends Enum<E>> E oneOf(String column, Class<E> words) {
        String typed = needed(column).toUpperCase(Locale.ROOT).replace(' ', '_');
        return Arrays.stream(words.getEnumConstants())
                .filter(one -> one.name().equals(typed))
                .findFirst()
                .orElseThrow(() -> wrong(
                        column,
                        text(column),
                        "oneOf",
                        "words",
                        Arrays.stream(words.getEnumConstants()).map(Line::word).collect(Collectors.joining(", "))));
    }

    /** What stands in a column of all lines, to be looked up at once; what is too long its own line refuses. */
    static Set<String> all(List<Line> lines, String column, int most) {
        return lines.stream()
                .map(line -> line.cells.getOrDefault(column, "").strip())
                .filter(text -> text.length() <= most)
                .collect(Collectors.toSet());
    }

    /** How a number stands in a cell; null where there is none. */
    static String plain(BigDecimal number) {
        return number == null ? null : number.stripTrailingZeros().toPlainString();
    }

    /** How numbers stand in a cell. */
    static String plain(List<? extends Number> numbers) {
        return numbers.stream()
                .map(number -> plain(new BigDecimal(number.toString())))
                .collect(Collectors.joining(" "));
    }

    /** How a word stands in a cell. */
    static String word(Enum<?> one) {
        return one.name().toLowerCase(Locale.ROOT);
    }

    /** @param what it is not, by its name in the catalogue */
    static Refused wrong(String column, String value, String what, Object... figures) {
        return new Refused(column, value, "notA." + what, figures);
    }
}
