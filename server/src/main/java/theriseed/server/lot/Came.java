package theriseed.server.lot;

/** How seed came here that no planting of these records gave. */
public enum Came {
    /** Grown here, before there were these records. */
    BEFORE,
    BOUGHT,
    SWAPPED,
    GIVEN;

    /** Whether it was grown by somebody else. */
    public boolean elsewhere() {
        return this != BEFORE;
    }
}
