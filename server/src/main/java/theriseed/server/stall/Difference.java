package theriseed.server.stall;

/** Why a count differs from the books. */
public enum Difference {
    SAME,
    DRIED_OUT,
    SPILT,
    EATEN,
    MISWEIGHED,
    NOT_WRITTEN,
    UNKNOWN
}
