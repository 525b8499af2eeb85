package theriseed.server.base;

import theriseed.core.measure.Refusal;
import theriseed.core.measure.Refusing;
import theriseed.server.words.Reader;
import theriseed.server.words.Refusals;

/** Something the rules do not allow: the field it belongs to, what was given, and why, with figures. */
public class Refused extends RuntimeException implements Refusing {
    private final String field;
    private final String value;
    private final transient Refusal refusal;

    /** @param rule by its name in the catalogue of sentences, with its figures, each behind its name */
    public Refused(String field, Object value, String rule, Object... figures) {
        this(field, value, Refusal.AgainstRule.of(rule, figures));
    }

    private Refused(String field, Object value, Refusal refusal) {
        this.field = field;
        this.value = String.valueOf(value);
        this.refusal = refusal;
    }

    /** Nothing was given where something is needed. */
    public static Refused missing(String field) {
        return new Refused(field, "nothing", new Refusal.Missing());
    }

    /** The sentence, for programs and logs; only made when somebody reads it, for of a long file most are not shown. */
    @Override
    public String getMessage() {
        return Refusals.say(Reader.ANYBODY, this);
    }

    @Override
    public String field() {
        return field;
    }

    @Override
    public String value() {
        return value;
    }

    @Override
    public Refusal refusal() {
        return refusal;
    }
}
