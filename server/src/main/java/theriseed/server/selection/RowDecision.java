package theriseed.server.selection;

/** What becomes of a progeny row. */
public enum RowDecision {
    /** Its seed is kept under its own number. */
    KEEP,
    /** Its seed goes together with that of the other good rows. */
    BULK,
    DROP
}
