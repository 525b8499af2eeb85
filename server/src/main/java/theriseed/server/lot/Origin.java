package theriseed.server.lot;

/** Where a lot's seed is from. */
public enum Origin {
    /** Picked from a planting. */
    PICKED,
    /** Several lots of its variety, blended. */
    BLEND,
    /** Part of another lot. */
    PART,
    /** From elsewhere, or from before there were records. */
    ELSEWHERE
}
