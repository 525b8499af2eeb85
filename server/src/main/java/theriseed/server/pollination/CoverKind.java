package theriseed.server.pollination;

/** What keeps foreign pollen out. */
public enum CoverKind {
    BAG,
    CAGE
}
