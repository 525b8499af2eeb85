package theriseed.server.walk;

/** What becomes of seed that an off-type may have fathered. */
public enum Decision {
    /** The plants within the ring are pulled, or their seed thrown away. */
    DISCARDED,
    /** They are picked under a number of their own. */
    KEPT_APART,
    /** The whole planting's seed goes to a lower grade. */
    GRADED_DOWN,
    /** The whole planting's seed waits. */
    HELD,
    LET_PASS
}
