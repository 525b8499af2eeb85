package theriseed.core.lot;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A lot's number as people say it: the year where they say it, the crop, the serial without its zero, as "26 tom 2" or
 * "tomato 2" for {@code 26-TOM-02}. Patterns are those of SQL: {@code _} any sign, {@code %} any signs.
 *
 * @param exactly the pattern of that number with any check character
 * @param beginnings the pattern of all numbers that begin so: of 26-TOM-21 too
 */
public record BegunNumber(String exactly, String beginnings) {
    /** Written in one, a third digit may be the check character of a whole number: that is no beginning. */
    private static final Pattern SAID = Pattern.compile(
            "(?:(?:20)?(\\d\\d)[-./ ]*)?([a-z]{2,})([-./ ]+\\d{0,4}|\\d{0,2})", Pattern.CASE_INSENSITIVE);

    private static final int CODE = 3;

    /** What was said; nothing where it is no beginning of a number: a word alone is a name. */
    public static Optional<BegunNumber> read(String said) {
        Matcher parts = SAID.matcher(said.strip());
        if (!parts.matches()) {
            return Optional.empty();
        }
        String serial = parts.group(3).replaceFirst("^[-./ ]+", "");
        if (parts.group(1) == null && serial.isEmpty()) {
            return Optional.empty();
        }
        String year = parts.group(1) == null ? "__" : parts.group(1);
        String crop = (parts.group(2).toUpperCase(Locale.ROOT) + "_").substring(0, CODE);
        String begin = year + "-" + crop + "-";
        return Optional.of(new BegunNumber(begin + twoDigits(serial) + "-_", begin + serial + "%"));
    }

    private static String twoDigits(String serial) {
        return serial.length() == 1 ? "0" + serial : serial;
    }
}
