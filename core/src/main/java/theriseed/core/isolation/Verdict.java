package theriseed.core.isolation;

/** The three marks of every judgement, mildest first. */
public enum Verdict {
    CLEAR,
    TIGHT,
    CROSSES;

    public Verdict worse(Verdict other) {
        return compareTo(other) >= 0 ? this : other;
    }
}
