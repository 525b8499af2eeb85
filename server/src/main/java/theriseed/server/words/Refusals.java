package theriseed.server.words;

import java.util.HashMap;
import java.util.Map;
import theriseed.core.measure.Refusal;
import theriseed.core.measure.Refusing;

/** Says why a value is not taken. */
public final class Refusals {
    private Refusals() {}

    /** Why a value is not taken, its field as the code names it. */
    public static String say(Reader reader, Refusing refused) {
        return say(reader, refused.field(), refused);
    }

    /** @param name of the field, as the reader knows it */
    public static String say(Reader reader, String name, Refusing refused) {
        return say(reader, name, refused.value(), refused.refusal());
    }

    /**
     * @param name of the field, as the reader knows it
     * @param value that was given
     */
    public static String say(Reader reader, String name, String value, Refusal refusal) {
        Map<String, Object> figures = new HashMap<>();
        if (refusal instanceof Refusal.AgainstRule rule) {
            figures.putAll(rule.figures());
            figures.put("name", name);
            figures.put("value", value);
            return Sentences.say(reader, "refused." + rule.rule(), figures);
        }
        figures.putAll(Sentences.named(refusal));
        figures.put("name", name);
        figures.put("value", value);
        if (refusal instanceof Refusal.Outside outside) {
            figures.put("ends", ends(outside));
        }
        return Sentences.say(reader, "refused." + refusal.getClass().getSimpleName(), figures);
    }

    /** Which of its ends a range has. */
    private static String ends(Refusal.Outside range) {
        if (range.low() == range.high()) {
            return "one";
        }
        return Double.isInfinite(range.high()) ? "low" : Double.isInfinite(range.low()) ? "high" : "both";
    }
}
