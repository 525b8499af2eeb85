package theriseed.server.base;

import java.math.BigDecimal;
import java.time.temporal.Temporal;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import theriseed.core.measure.Refusal;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.TokenStreamContext;
import tools.jackson.core.exc.InputCoercionException;
import tools.jackson.core.exc.StreamReadException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.InvalidNullException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/**
 * What of a record could not be read: the part by its name, what was sent, and what it should have been.
 *
 * @param field empty when what was sent is no record at all
 */
record Unreadable(String field, String value, Refusal refusal) {
    private static final int LONGEST_SHOWN = 60;

    /** Where the reader's own words say what it met instead, and which number it could not hold. */
    private static final Pattern OF_ANOTHER_KIND = Pattern.compile("from (Object|Array|Boolean|String) value");

    private static final Map<String, String> SENT =
            Map.of("Object", "a record", "Array", "a list", "Boolean", "yes or no", "String", "a text");

    private static final Pattern IN_BRACKETS = Pattern.compile("\\(([^)]*)\\)");

    static Unreadable of(JacksonException bad) {
        if (bad instanceof UnrecognizedPropertyException unknown) {
            return new Unreadable(
                    unknown.getPropertyName(),
                    unknown.getPropertyName(),
                    Refusal.AgainstRule.of(
                            "notA.part",
                            "words",
                            unknown.getKnownPropertyIds().stream()
                                    .map(String::valueOf)
                                    .sorted()
                                    .collect(Collectors.joining(", "))));
        }
        String field = field(bad);
        if (field.isEmpty()) {
            return new Unreadable("", "", null);
        }
        if (bad instanceof InvalidFormatException format) {
            return new Unreadable(field, shown(format.getValue()), notA(format.getTargetType(), format.getValue()));
        }
        if (bad instanceof InputCoercionException large) {
            Matcher number = IN_BRACKETS.matcher(large.getOriginalMessage());
            return new Unreadable(
                    field, number.find() ? shown(number.group(1)) : "", notA(large.getTargetType(), null));
        }
        if (bad instanceof InvalidNullException) {
            return new Unreadable(field, "nothing", new Refusal.Missing());
        }
        if (bad instanceof MismatchedInputException other) {
            Matcher sent = OF_ANOTHER_KIND.matcher(other.getOriginalMessage());
            if (sent.find()) {
                String kind = SENT.getOrDefault(sent.group(1), "a value of another kind");
                return new Unreadable(field, kind, notA(other.getTargetType(), null));
            }
        }
        return new Unreadable(field, "nothing", new Refusal.Missing());
    }

    /** The part it is about: its own name, and its place where it stands in a list. */
    private static String field(JacksonException bad) {
        List<JacksonException.Reference> path = bad.getPath();
        for (int i = path.size() - 1; i >= 0; i--) {
            String name = path.get(i).getPropertyName();
            if (name != null) {
                return i + 1 < path.size() ? name + "[" + path.get(i + 1).getIndex() + "]" : name;
            }
        }
        if (bad instanceof StreamReadException && bad.processor() instanceof JsonParser at) {
            for (TokenStreamContext here = at.streamReadContext(); here != null; here = here.getParent()) {
                if (here.hasCurrentName()) {
                    return here.currentName();
                }
            }
        }
        return "";
    }

    private static String shown(Object value) {
        String all = String.valueOf(value);
        return all.length() <= LONGEST_SHOWN ? all : all.substring(0, LONGEST_SHOWN) + "…";
    }

    private static Refusal notA(Class<?> type, Object value) {
        if (type == null) {
            return Refusal.AgainstRule.of("notA.readable");
        }
        if (type.isEnum()) {
            return Refusal.AgainstRule.of(
                    "notA.oneOf",
                    "words",
                    Arrays.stream(type.getEnumConstants()).map(String::valueOf).collect(Collectors.joining(", ")));
        }
        if (Temporal.class.isAssignableFrom(type)) {
            boolean far = value != null
                    && String.valueOf(value).matches("[-+]?\\d{4,}-\\d\\d-\\d\\d.*")
                    && !String.valueOf(value).matches("(19|20|21)\\d\\d-.*");
            return far
                    ? new Refusal.OutsideDays(Strictly.FIRST_DAY, Strictly.LAST_DAY)
                    : Refusal.AgainstRule.of("notA.date");
        }
        if (type == int.class || type == Integer.class || type == long.class || type == Long.class) {
            return Refusal.AgainstRule.of("notA.wholeNumber");
        }
        if (type == boolean.class || type == Boolean.class) {
            return Refusal.AgainstRule.of("notA.yesOrNo");
        }
        if (type == BigDecimal.class && value instanceof BigDecimal) {
            return new Refusal.Outside(
                    Strictly.SMALLEST.doubleValue(), true, Strictly.LARGEST.doubleValue(), true, "", null);
        }
        if (Number.class.isAssignableFrom(type) || type.isPrimitive()) {
            return Refusal.AgainstRule.of("notA.number");
        }
        if (type == String.class) {
            return Refusal.AgainstRule.of("notA.text");
        }
        if (Collection.class.isAssignableFrom(type)) {
            return Refusal.AgainstRule.of("notA.list");
        }
        return Refusal.AgainstRule.of(type.isRecord() ? "notA.record" : "notA.readable");
    }
}
