package theriseed.server.words;

import java.util.HashMap;
import java.util.Map;
import theriseed.core.measure.Refusal;

/** Says why a value is not taken. */
public final class Refusals {
    private Refusals() {}

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
