package theriseed.core.measure;

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
