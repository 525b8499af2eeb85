package theriseed.server.account;

import java.text.Normalizer;
import java.util.Locale;

/** Names of people, of which nobody can tell two apart that differ only in how a letter is written. */
final class Names {
    private static final String DOT_ABOVE = "\u0307";

    private Names() {}

    /** The same for large and small letters, full and half width, with and without the dot of an i. */
    static String folded(String name) {
        String plain = Normalizer.normalize(name.strip(), Normalizer.Form.NFKC).toLowerCase(Locale.ROOT);
        String folded = plain.replace('ı', 'i').replace(DOT_ABOVE, "");
        return folded.length() <= 120 ? folded : folded.substring(0, 120);
    }
}
