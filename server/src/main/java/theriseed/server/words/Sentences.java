package theriseed.server.words;

import com.ibm.icu.text.MessageFormat;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.lang.reflect.RecordComponent;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeParseException;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * The catalogue of sentences, which the screens read too: what was found, refused or is to be done, as ICU messages whose
 * arguments are the figures. Beside the argument types of ICU it knows types of its own: measures and days, which are
 * written for the reader ({@code {it, mass}}, {@code {on, day}}), and words for a value of a kind: {@code {grade, grade}}
 * says {@code words.grade.MARKET}. {@code say.ts} of the screens knows the same.
 */
public final class Sentences {
    /** Places that are only numbered; others are said by their own names. */
    private static final Pattern NUMBERED = Pattern.compile("^(Plot|Bed)(?= \\d)");

    private static final Map<String, String> CATALOGUE =
            read("en.json", "en.tasks.json", "en.ways.json", "en.done.json");
    private static final Pattern OWN_TYPE = Pattern.compile("\\{(\\w+), (?!number}|date}|time})(\\w+)}");
    private static final Pattern CHOICE = Pattern.compile("\\{(\\w+), select,");

    /** What a sentence may choose by where a figure is not there. */
    private static final String ABSENT = "none";

    private Sentences() {}

    /** What a section says of a record of some kind. */
    public static String say(Reader reader, String section, Object kind) {
        return say(reader, section + "." + kind.getClass().getSimpleName(), named(kind));
    }

    /** A sentence by its key. @throws IllegalArgumentException when there is none */
    public static String say(Reader reader, String key, Map<String, ?> figures) {
        Map<String, Object> arguments = new HashMap<>();
        CHOICE.matcher(sentence(key)).results().forEach(choice -> arguments.put(choice.group(1), ABSENT));
        figures.forEach((name, value) -> {
            if (it(value) != null) {
                arguments.put(name, plain(it(value)));
            }
        });
        Matcher own = OWN_TYPE.matcher(sentence(key));
        StringBuilder pattern = new StringBuilder();
        while (own.find()) {
            String name = own.group(1) + "_" + own.group(2);
            arguments.put(name, told(reader, own.group(2), figures.get(own.group(1)), figures));
            own.appendReplacement(pattern, "{" + name + "}");
        }
        own.appendTail(pattern);
        return new MessageFormat(pattern.toString(), reader.locale()).format(arguments);
    }

    /** What a section has sentences for, in its order. */
    static List<String> keysOf(String section) {
        return CATALOGUE.keySet().stream()
                .filter(key -> key.startsWith(section + "."))
                .map(key -> key.substring(section.length() + 1))
                .toList();
    }

    /** The figures of a record by their names. */
    public static Map<String, Object> named(Object figures) {
        Map<String, Object> named = new LinkedHashMap<>();
        for (RecordComponent part : figures.getClass().getRecordComponents()) {
            try {
                part.getAccessor().setAccessible(true);
                named.put(part.getName(), part.getAccessor().invoke(figures));
            } catch (ReflectiveOperationException failed) {
                throw new IllegalStateException(failed);
            }
        }
        return named;
    }

    private static String told(Reader reader, String type, Object value, Map<String, ?> figures) {
        Object it = it(value);
        if (it == null) {
            return "";
        }
        String text = it.toString();
        return switch (type) {
            case "mass" -> reader.mass(number(it));
            case "distance" -> reader.distance(number(it));
            case "area" -> reader.area(number(it));
            case "temperature" -> reader.temperature(number(it));
            case "percent" -> reader.percent(number(it));
            case "share" -> reader.share(number(it));
            case "figure" -> reader.figure(number(it));
            case "hours" -> reader.number(number(it), 0) + " h";
            case "measured" -> measured(reader, text, String.valueOf(figures.get("unit")), true);
            case "bare" -> measured(reader, text, String.valueOf(figures.get("unit")), false);
            case "day" -> day(it).map(reader::day).orElse(text);
            case "dayMonth" -> day(it).map(reader::dayMonth).orElse(text);
            case "month" -> day(it).map(reader::month).orElse(text);
            case "moment" -> reader.moment((LocalDateTime) it);
            case "year" -> text;
            case "cropWord" -> text.split(" [/(]")[0].toLowerCase(Locale.ROOT);
            case "lower" -> text.toLowerCase(Locale.ROOT);
            case "placed" ->
                NUMBERED.matcher(text).replaceFirst(word -> word.group().toLowerCase(Locale.ROOT));
            case "capital" -> text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
            case "finding" -> say(reader, "gate.found", it);
            case "found" ->
                ((Collection<?>) it)
                        .stream().map(one -> say(reader, "gate.found", one)).collect(Collectors.joining("; "));
            default -> sentence("words." + type + "." + text);
        };
    }

    private static double number(Object value) {
        return ((Number) value).doubleValue();
    }

    /** A figure in its unit; {@code bare} leaves out what is no measure, where it is said once for two. */
    private static String measured(Reader reader, String value, String unit, boolean named) {
        double number;
        try {
            number = Double.parseDouble(value);
        } catch (NumberFormatException words) {
            return value;
        }
        return switch (unit) {
            case "g" -> reader.mass(number);
            case "m" -> reader.distance(number);
            case "m2" -> reader.area(number);
            case "C" -> reader.temperature(number);
            default -> {
                String digits = reader.number(number, 6);
                yield named && !unit.isEmpty()
                        ? digits + " " + CATALOGUE.getOrDefault("words.unit." + unit, unit)
                        : digits;
            }
        };
    }

    /** A day, also of a field as it was typed; none where it is no day. */
    private static Optional<LocalDate> day(Object value) {
        try {
            return Optional.of(value instanceof LocalDate day ? day : LocalDate.parse(value.toString()));
        } catch (DateTimeParseException words) {
            return Optional.empty();
        }
    }

    private static Object it(Object value) {
        return value instanceof Optional<?> maybe ? maybe.orElse(null) : value;
    }

    /** As ICU takes it: numbers stay numbers, all else is text. */
    private static Object plain(Object value) {
        return value instanceof Number ? value : value.toString();
    }

    static String sentence(String key) {
        String sentence = CATALOGUE.get(key);
        if (sentence == null) {
            throw new IllegalArgumentException("The catalogue has no sentence " + key);
        }
        return sentence;
    }

    private static Map<String, String> read(String... files) {
        Map<String, String> sentences = new LinkedHashMap<>();
        for (String file : files) {
            try (InputStream catalogue = Sentences.class.getResourceAsStream("/sentences/" + file)) {
                collect("", JsonMapper.shared().readTree(catalogue), sentences);
            } catch (IOException failed) {
                throw new UncheckedIOException(failed);
            }
        }
        return sentences;
    }

    private static void collect(String before, JsonNode node, Map<String, String> into) {
        node.properties().forEach(part -> {
            if (part.getValue().isString()) {
                into.put(before + part.getKey(), part.getValue().stringValue());
            } else {
                collect(before + part.getKey() + ".", part.getValue(), into);
            }
        });
    }
}
