package theriseed.server.search;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/** What somebody searches for: every word of it stands somewhere in what is found, in any order. */
public record SearchWords(String typed, List<String> words) {
    /** More words than these tell nothing more. */
    private static final int MOST_WORDS = 6;

    static SearchWords of(String typed) {
        return new SearchWords(
                typed.strip(),
                Arrays.stream(typed.strip().toLowerCase(Locale.ROOT).split("\\s+"))
                        .limit(MOST_WORDS)
                        .toList());
    }

    /** The words as patterns of SQL, for {@code lower(…) like all(…)}. */
    public String[] patterns() {
        return words.stream()
                .map(word -> "%" + word.replaceAll("([\\\\%_])", "\\\\$1") + "%")
                .toArray(String[]::new);
    }

    /** Whether all the words stand in a text. */
    public boolean in(String text) {
        String small = text.toLowerCase(Locale.ROOT);
        return words.stream().allMatch(small::contains);
    }
}
