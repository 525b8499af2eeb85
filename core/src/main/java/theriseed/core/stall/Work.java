package theriseed.core.stall;

/** What an hour went into, in the order of the year. */
public enum Work {
    GROUND,
    SOWING,
    TENDING,
    WALKING,
    POLLINATION,
    PICKING,
    BENCH,
    TESTING,
    PACKING,
    SELLING
}
