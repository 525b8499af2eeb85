package theriseed.core.measure;

import java.util.function.Supplier;

/** A value the rules of the job do not take: which field, what was given, and what would be taken. */
public final class OutOfRange extends IllegalArgumentException {
    private final String field;
    private final String value;
    private final String range;
    private final String unit;

    public OutOfRange(String field, String value, String range, String unit) {
        super((field + ": " + value + " is outside the valid range " + range + " " + unit).strip());
        this.field = field;
        this.value = value;
        this.range = range;
        this.unit = unit;
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
            throw new OutOfRange(
                    part + refused.field.substring(symbol.length()), refused.value, refused.range, refused.unit);
        }
    }

    public String field() {
        return field;
    }

    public String value() {
        return value;
    }

    /** The valid range as text, such as {@code [0, 100]} or {@code on or after 2026-04-01}. */
    public String range() {
        return range;
    }

    public String unit() {
        return unit;
    }
}
