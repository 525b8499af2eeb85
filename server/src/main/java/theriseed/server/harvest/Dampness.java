package theriseed.server.harvest;

/** How damp what was picked is. */
public enum Dampness {
    DRY,
    DEWY,
    WET
}
