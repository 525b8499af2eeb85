package theriseed.core.measure;

import java.time.LocalDate;
import java.util.function.Supplier;

/** A value the rules of the job do not take: which field, what was given, and why. */
public final class OutOfRange extends IllegalArgumentException {
    private final String field;
    private final String value;
    private final transient Refusal refusal;

    public OutOfRange(String field, Object value, Refusal refusal) {
        super(field + ": " + value + " is outside the valid range " + refusal.valid());
        this.field = field;
        this.value = String.valueOf(value);
        this.refusal = refusal;
    }

    /** Refuses a day that comes before another. */
    public static void checkOnOrAfter(String field, LocalDate day, LocalDate first) {
        if (day.isBefore(first)) {
            throw new OutOfRange(field, day, new Refusal.OutsideDays(first, null));
        }
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
