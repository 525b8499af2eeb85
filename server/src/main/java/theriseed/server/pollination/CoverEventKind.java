package theriseed.server.pollination;

/** What was done with a cover that is on. */
public enum CoverEventKind {
    SHAKEN,
    INSECTS,
    OPENED
}
