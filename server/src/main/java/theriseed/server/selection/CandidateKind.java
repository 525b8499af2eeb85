package theriseed.server.selection;

/** What a tag hangs on. */
public enum CandidateKind {
    PLANT,
    FRUIT
}
