package theriseed.server.season;

/** What is told of a variety. */
public record VarietyFacts(
        String name,
        String source,
        int yearReceived,
        boolean treated,
        boolean hybrid,
        boolean breedingOut,
        TrueToType trueToType) {}
