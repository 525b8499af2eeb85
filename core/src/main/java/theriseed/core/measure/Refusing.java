package theriseed.core.measure;

/** What refuses a value: which field, what was given, and why. */
public interface Refusing {
    String field();

    /** What was given, as it was given. */
    String value();

    Refusal refusal();
}
