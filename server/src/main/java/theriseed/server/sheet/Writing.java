package theriseed.server.sheet;

import java.math.BigDecimal;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeFormatterBuilder;
import java.time.temporal.ChronoField;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** How numbers and days are written in a file, and what its cells say in our own writing. */
public record Writing(Decimals decimals, Days days) {

    /** What parts decimals; the other sign parts thousands. */
    enum Decimals {
        POINT,
        COMMA
    }

    /** What comes first in 3/4/2026. A year of four digits in front says so itself. */
    enum Days {
        DAY_FIRST,
        MONTH_FIRST
    }

    private static final Pattern WHOLE = Pattern.compile("[-+]?\\d+");
    private static final Pattern AROUND_NUMBERS = Pattern.compile("[\\s\\u00A0\\u202F'’\\p{Sc}%]|EUR|USD|GBP");
    private static final Pattern YEAR_FIRST = Pattern.compile("(\\d{4})[-/.](\\d{1,2})[-/.](\\d{1,2})(?:[T ,].*)?");
    private static final Pattern YEAR_LAST =
            Pattern.compile("(\\d{1,2})([-/.])\\s?(\\d{1,2})\\2\\s?(\\d{4}|\\d{2})(?:[T ,].*)?");
    private static final Pattern ALL_DIGITS = Pattern.compile("((?:19|20)\\d{2})(\\d{2})(\\d{2})(?:\\d{2}|\\d{4})?");
    private static final int CENTURY = 2000;

    private static final List<DateTimeFormatter> IN_WORDS = Stream.of(
                    "d[.] MMMM uuuu", "d[.] MMM uuuu", "MMMM d[,] uuuu", "MMM d[,] uuuu", "d-MMM-uuuu")
            .map(pattern -> new DateTimeFormatterBuilder()
                    .parseCaseInsensitive()
                    .appendPattern(pattern)
                    .toFormatter(Locale.ENGLISH))
            .toList();

    /** A number as it stands with a point; what is none stays as it was typed. */
    String number(String typed) {
        String plain = AROUND_NUMBERS.matcher(typed).replaceAll("");
        if (WHOLE.matcher(plain).matches()) {
            return plain.startsWith("+") ? plain.substring(1) : plain;
        }
        return read(plain, decimals).or(() -> clear(plain)).orElse(typed);
    }

    private static Optional<String> read(String plain, Decimals as) {
        String decimal = as == Decimals.POINT ? "\\." : ",";
        String thousand = as == Decimals.POINT ? "," : "\\.";
        boolean number = plain.matches("[-+]?([1-9]\\d{0,2}(" + thousand + "\\d{3})+|\\d+)?(" + decimal + "\\d+)?");
        return number && plain.matches(".*\\d")
                ? Optional.of(plain.replaceAll(thousand, "").replace(',', '.').replace("+", ""))
                : Optional.empty();
    }

    /** A number with the other sign for decimals that can be read in one way only. */
    private Optional<String> clear(String plain) {
        Decimals other = decimals == Decimals.POINT ? Decimals.COMMA : Decimals.POINT;
        return says(plain).filter(said -> said == other).flatMap(said -> read(plain, other));
    }

    /** Several numbers with blanks between them. */
    String numbers(String typed) {
        String[] parts = typed.strip().split("[ ;/]+");
        if (parts.length == 1 || !Stream.of(parts).allMatch(part -> part.matches("[-+]?[\\d.,]+"))) {
            return number(typed);
        }
        return String.join(" ", Stream.of(parts).map(this::number).toList());
    }

    /** A number in another unit; what is none stays as it was typed. */
    String number(String typed, Unit from, Unit to) {
        String plain = number(typed);
        try {
            return plain.isEmpty()
                    ? plain
                    : from.in(to, new BigDecimal(plain)).stripTrailingZeros().toPlainString();
        } catch (NumberFormatException none) {
            return typed;
        }
    }

    /** A day as {@code 2026-08-14}, whatever hour stands behind it; what is none stays as it was typed. */
    String day(String typed) {
        String text = typed.strip();
        try {
            return found(text).map(LocalDate::toString).orElse(typed);
        } catch (DateTimeException noDay) {
            return typed;
        }
    }

    private Optional<LocalDate> found(String text) {
        for (Pattern pattern : List.of(YEAR_FIRST, ALL_DIGITS)) {
            Matcher matcher = pattern.matcher(text);
            if (matcher.matches()) {
                return Optional.of(LocalDate.of(part(matcher, 1), part(matcher, 2), part(matcher, 3)));
            }
        }
        Matcher last = YEAR_LAST.matcher(text);
        if (last.matches()) {
            int year = part(last, 4) < 100 ? CENTURY + part(last, 4) : part(last, 4);
            boolean dayFirst = order(last).orElse(days) == Days.DAY_FIRST;
            return Optional.of(LocalDate.of(year, part(last, dayFirst ? 3 : 1), part(last, dayFirst ? 1 : 3)));
        }
        for (DateTimeFormatter words : IN_WORDS) {
            try {
                return Optional.of(LocalDate.parse(text, words));
            } catch (DateTimeException others) {
                continue;
            }
        }
        return Optional.empty();
    }

    private static int part(Matcher matcher, int group) {
        return Integer.parseInt(matcher.group(group));
    }

    /** In what order a day is written, where it can only be one. With points between, the day comes first everywhere. */
    private static Optional<Days> order(Matcher day) {
        if (day.group(2).equals(".")
                || part(day, 1) > ChronoField.MONTH_OF_YEAR.range().getMaximum()) {
            return Optional.of(Days.DAY_FIRST);
        }
        return part(day, 3) > ChronoField.MONTH_OF_YEAR.range().getMaximum()
                ? Optional.of(Days.MONTH_FIRST)
                : Optional.empty();
    }

    /** What parts decimals in a number, where it can only be one. */
    private static Optional<Decimals> says(String plain) {
        int points = (int) plain.chars().filter(sign -> sign == '.').count();
        int commas = (int) plain.chars().filter(sign -> sign == ',').count();
        if (points > 0 && commas > 0) {
            return Optional.of(plain.lastIndexOf('.') > plain.lastIndexOf(',') ? Decimals.POINT : Decimals.COMMA);
        }
        if (points + commas != 1) {
            return points + commas == 0 ? Optional.empty() : Optional.of(points > 0 ? Decimals.COMMA : Decimals.POINT);
        }
        String[] sides = plain.replaceFirst("[-+]", "").split("[.,]", 2);
        boolean perhapsThousands = sides[1].length() == 3 && sides[0].length() <= 3 && sides[0].matches("[1-9]\\d*");
        return perhapsThousands ? Optional.empty() : Optional.of(points > 0 ? Decimals.POINT : Decimals.COMMA);
    }

    /**
     * How a file is written, as far as its cells tell.
     *
     * @param decimalsSure whether no number of it could be another, and {@code daysSure} no day
     */
    record Found(Writing writing, boolean decimalsSure, boolean daysSure) {}

    /**
     * Finds out how a file is written.
     *
     * @param usual what is meant where nothing else tells
     * @param usualSure whether that is so by what parts its cells
     */
    static Found of(Stream<String> cells, Writing usual, boolean usualSure) {
        Telling telling = new Telling();
        cells.map(String::strip).filter(cell -> !cell.isEmpty()).forEach(telling::hear);
        boolean mixed = telling.points > 0 && telling.commas > 0;
        boolean none = telling.points + telling.commas == 0;
        Decimals decimals = none || mixed ? usual.decimals() : telling.points > 0 ? Decimals.POINT : Decimals.COMMA;
        boolean oneOrder = telling.dayFirst > 0 != telling.monthFirst > 0;
        Days days = !oneOrder ? usual.days() : telling.dayFirst > 0 ? Days.DAY_FIRST : Days.MONTH_FIRST;
        return new Found(
                new Writing(decimals, days),
                telling.eitherNumber == 0 || !none && !mixed || none && usualSure,
                telling.eitherDay == 0 || oneOrder);
    }

    /** What cells tell of their writing. */
    private static final class Telling {
        private int points;
        private int commas;
        private int eitherNumber;
        private int dayFirst;
        private int monthFirst;
        private int eitherDay;

        void hear(String cell) {
            Matcher day = YEAR_LAST.matcher(cell);
            if (day.matches()) {
                Optional<Days> order = order(day);
                if (order.isEmpty()) {
                    eitherDay++;
                } else if (order.get() == Days.MONTH_FIRST) {
                    monthFirst++;
                } else if (!day.group(2).equals(".")) {
                    dayFirst++;
                }
                return;
            }
            if (YEAR_FIRST.matcher(cell).matches()) {
                return;
            }
            for (String part : cell.split("[ ;/]+")) {
                String plain = AROUND_NUMBERS.matcher(part).replaceAll("");
                if (plain.matches("[-+]?\\d*[.,][\\d.,]*\\d")) {
                    Optional<Decimals> said = says(plain);
                    if (said.isEmpty()) {
                        eitherNumber++;
                    } else if (said.get() == Decimals.POINT) {
                        points++;
                    } else {
                        commas++;
                    }
                }
            }
        }
    }
}
