package theriseed.server.walk;

/** What was done with an off-type. */
public enum Fate {
    PULLED,
    MARKED,
    LEFT
}
