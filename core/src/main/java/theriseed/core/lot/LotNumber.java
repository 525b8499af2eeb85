package theriseed.core.lot;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import theriseed.core.measure.OutOfRange;
import theriseed.core.measure.Range;
import theriseed.core.measure.Refusal;

/**
 * The number a lot keeps for ever: two digits of the year, three letters of the crop, a serial, a check character, as
 * {@code 26-TOM-07-W}. Reading forgives small letters, spaces, hyphens, dots and slashes, O for 0, I and L for 1; every
 * single wrong sign and every swap of neighbours is caught.
 *
 * <p>Check by ISO 7064 MOD 37-2. Serials whose check would be I, L, O, U or * are skipped. The number is an identity,
 * not a proof of what is in the bag; it is never used again.
 */
public record LotNumber(String text) {
    private static final String SIGNS = "0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZ";
    private static final String NOT_AS_CHECK = "ILOU*";
    private static final int LONGEST = 30;
    private static final Pattern FORM =
            Pattern.compile("\\d{2}[-./ ][A-Z]{3}[-./ ]\\d{2,4}[-./ ][0-9A-Z*]", Pattern.CASE_INSENSITIVE);

    /** The number with this serial, or nothing when the serial must be skipped. */
    public static Optional<LotNumber> issue(int year, String cropName, int serial) {
        Range.of(2000, 2099, "year").check("year", year);
        Range.of(1, 9999, "serial").check("serial", serial);
        String body = "%02d-%s-%02d".formatted(year % 100, cropCode(cropName), serial);
        return mayBeIssued(body) ? Optional.of(new LotNumber(body + "-" + check(body))) : Optional.empty();
    }

    /** Three letters that stand for a crop in its lots' numbers: of its last word, so BEA for a common bean. */
    public static String cropCode(String cropName) {
        String plain = cropName.split(" [/(]")[0].toUpperCase(Locale.ROOT);
        String[] words = plain.split("[^A-Z]+");
        return (words[words.length - 1] + "XXX").substring(0, 3);
    }

    /**
     * What was typed or scanned, as the one form of the number that is stored and compared.
     *
     * @throws OutOfRange if it holds a foreign sign or its check character does not fit
     */
    public static String read(String typed) {
        String folded = folded(typed);
        if (!valid(folded)) {
            throw new OutOfRange(
                    "lot number", typed.strip(), Refusal.AgainstRule.of("lotNumber.mistyped", "number", typed.strip()));
        }
        return folded;
    }

    /** Whether the text folds to a number whose check character fits. */
    public static boolean valid(String typed) {
        String code = folded(typed);
        if (code.length() < 2) {
            return false;
        }
        int sum = 0;
        for (char sign : code.toCharArray()) {
            sum = (2 * sum + SIGNS.indexOf(sign)) % 37;
        }
        return sum == 1;
    }

    /** Whether it is written as numbers of this kind are, be it mistyped or not. */
    public static boolean looksLikeOne(String typed) {
        return FORM.matcher(typed.strip()).matches();
    }

    /** The form that is stored and compared: capitals without separators, O as 0, I and L as 1. */
    public static String folded(String typed) {
        String capitals = typed.toUpperCase(Locale.ROOT);
        StringBuilder folded = new StringBuilder();
        for (int i = 0; i < capitals.length(); i++) {
            char sign = capitals.charAt(i);
            switch (sign) {
                case ' ', '-', '/', '.', '\t', '\n' -> {}
                case 'O' -> folded.append('0');
                case 'I', 'L' -> folded.append('1');
                default -> {
                    if (SIGNS.indexOf(sign) < 0) {
                        throw new OutOfRange(
                                "lot number",
                                typed.strip(),
                                Refusal.AgainstRule.of("lotNumber.sign", "sign", String.valueOf(sign), "place", i + 1));
                    }
                    folded.append(sign);
                }
            }
        }
        Range.of(1, LONGEST + 1.0, "characters").check("lot number", folded.length());
        return folded.toString();
    }

    /** The check character of a body; {@code *} for the value 36. */
    static char check(String body) {
        int p = 0;
        for (char sign : folded(body).toCharArray()) {
            p = 2 * (p + SIGNS.indexOf(sign)) % 37;
        }
        int c = (38 - p) % 37;
        return c == 36 ? '*' : SIGNS.charAt(c);
    }

    static boolean mayBeIssued(String body) {
        return NOT_AS_CHECK.indexOf(check(body)) < 0;
    }
}
