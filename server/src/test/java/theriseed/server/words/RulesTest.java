package theriseed.server.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Whatever the rules refuse has its sentence, and every sentence is said with the figures it tells. */
class RulesTest {
    private static final Pattern MADE = Pattern.compile("new Refused\\(|AgainstRule\\.of\\(|wrong\\(");
    private static final Pattern RULE = Pattern.compile("\"([a-z]\\w*(?:\\.\\w+)?)\"");
    private static final Pattern ARGUMENT = Pattern.compile("\\{(\\w+)(?:,|})");

    /** A rule as the code names it, with the figures it gives. */
    private record Use(String rule, Set<String> figures) {}

    private static List<String> sources() {
        return Stream.of("../core/src/main/java", "src/main/java")
                .flatMap(RulesTest::under)
                .map(RulesTest::text)
                .toList();
    }

    private static Stream<Path> under(String folder) {
        try (Stream<Path> files = Files.walk(Path.of(folder))) {
            return files.filter(file -> file.toString().endsWith(".java")).toList().stream();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private static String text(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private static List<Use> uses() {
        List<Use> uses = new ArrayList<>();
        for (String source : sources()) {
            Matcher made = MADE.matcher(source);
            while (made.find()) {
                List<String> arguments = arguments(source, made.end());
                int rule = made.group().startsWith("Against") ? 0 : 2;
                if (arguments.size() <= rule || !arguments.get(rule).contains("\"")) {
                    continue;
                }
                String before = made.group().startsWith("wrong") ? "notA." : "";
                Set<String> figures = new HashSet<>(Set.of("name", "value"));
                for (int i = rule + 1; i < arguments.size(); i += 2) {
                    figures.add(arguments.get(i).replace("\"", ""));
                }
                Matcher named = RULE.matcher(arguments.get(rule));
                while (named.find()) {
                    uses.add(new Use(before + named.group(1), figures));
                }
            }
        }
        return uses;
    }

    /** What stands between commas behind an opened bracket. */
    private static List<String> arguments(String source, int from) {
        List<String> arguments = new ArrayList<>();
        StringBuilder argument = new StringBuilder();
        int depth = 0;
        boolean quoted = false;
        for (int at = from; ; at++) {
            char sign = source.charAt(at);
            quoted ^= sign == '"' && source.charAt(at - 1) != '\\';
            if (!quoted && (sign == ')' || sign == '}')) {
                if (depth-- == 0) {
                    arguments.add(argument.toString().strip());
                    return arguments;
                }
            } else if (!quoted && (sign == '(' || sign == '{')) {
                depth++;
            } else if (!quoted && sign == ',' && depth == 0) {
                arguments.add(argument.toString().strip());
                argument.setLength(0);
                continue;
            }
            argument.append(sign);
        }
    }

    @Test
    void everyRuleHasItsSentenceAndGivesTheFiguresItTells() {
        List<Use> uses = uses();
        assertThat(uses).hasSizeGreaterThan(180);
        for (Use use : uses) {
            String sentence = Sentences.sentence("refused." + use.rule());
            Set<String> told = new TreeSet<>();
            Matcher argument = ARGUMENT.matcher(sentence);
            while (argument.find()) {
                told.add(argument.group(1));
            }
            assertThat(use.figures()).as("%s: %s", use.rule(), sentence).containsAll(told);
        }
    }

    /** Those of the first level are said of other things than rules. */
    @Test
    void noSentenceIsLeftOver() {
        Set<String> used = new HashSet<>();
        uses().forEach(use -> used.add(use.rule()));
        assertThat(Sentences.keysOf("refused").stream().filter(key -> key.contains(".")))
                .isSubsetOf(used);
    }

    @Test
    void everyLimitIsSaid() {
        Set<String> limits = new TreeSet<>();
        Pattern because =
                Pattern.compile("(?:because\\(|\"g\",\\s+)(?:all \\? )?\"([A-Z_]{4,})\"(?: : \"([A-Z_]+)\")?");
        for (String source : sources()) {
            Matcher found = because.matcher(source);
            while (found.find()) {
                limits.add(found.group(1));
                if (found.group(2) != null) {
                    limits.add(found.group(2));
                }
            }
        }
        assertThat(Sentences.keysOf("words.limit")).containsExactlyInAnyOrderElementsOf(limits);
    }
}
