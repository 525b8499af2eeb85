package theriseed.core.measure;

import java.util.function.Supplier;

/** A value the rules of the job do not take: which field, what was given, and why. */
public final class OutOfRange extends IllegalArgumentException implements Refusing {
    private final String field;
    private final String value;
    private final transient Refusal refusal;

    public OutOfRange(String field, Object value, Refusal refusal) {
        super(field + ": " + value + " is outside the valid range " + refusal.valid());
        this.field = field;
        this.value = String.valueOf(value);
        this.refusal = refusal;
    }

    /**
     * Does what a formula does with a record's part, and names the part when the formula refuses it by its own symbol.
     *
     * @param symbol as the formula calls it, such as {@code reps}
     * @param part as the record calls it, such as {@code counts}; a place in a list is kept
     */
    public static <T> T named(String symbol, String part, Supplier<T> formula) {
        try {
            return formula.get();
        } catch (OutOfRange refused) {
            if (!refused.field.split("\\[")[0].equals(symbol)) {
                throw refused;
            }
            throw new OutOfRange(part + refused.field.substring(symbol.length()), refused.value, refused.refusal);
        }
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
