package theriseed.server.base;

import theriseed.core.measure.Refusal;
import theriseed.server.words.Reader;
import theriseed.server.words.Refusals;

/** Something the rules do not allow: the field it belongs to, what was given, and why, with figures. */
public class Refused extends RuntimeException {
    private final String field;
    private final String value;
    private final transient Refusal refusal;

    /** @param rule by its name in the catalogue of sentences, with its figures, each behind its name */
    public Refused(String field, Object value, String rule, Object... figures) {
        this(field, value, Refusal.AgainstRule.of(rule, figures));
    }

    private Refused(String field, Object value, Refusal refusal) {
        super(Refusals.say(Reader.ANYBODY, field, String.valueOf(value), refusal));
        this.field = field;
        this.value = String.valueOf(value);
        this.refusal = refusal;
    }

    /** Nothing was given where something is needed. */
    public static Refused missing(String field) {
        return new Refused(field, "nothing", new Refusal.Missing());
    }

    public String field() {
        return field;
    }

    /** What was given, as it was given. */
    public String value() {
        return value;
    }

    public Refusal refusal() {
        return refusal;
    }
}
