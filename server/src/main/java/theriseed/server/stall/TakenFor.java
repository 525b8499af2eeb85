package theriseed.server.stall;

/** What seed was taken for, other than a sale. */
public enum TakenFor {
    SOWN,
    TESTED,
    SPOILT,
    /** Put into a mix. */
    MIXED,
    /** A difference at stock-taking; below 0 where more was found. */
    COUNTED
}
