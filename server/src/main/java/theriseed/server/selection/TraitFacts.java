package theriseed.server.selection;

/** A trait and its scale. */
public record TraitFacts(String name, double low, double high, boolean moreIsBetter) {}
