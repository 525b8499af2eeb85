package theriseed.server.season;

/**
 * What is told of a variety.
 *
 * @param breedingOut whether it is a line bred out of a hybrid, {@code bredFrom}, under a name of its own
 * @param bredFrom empty where it is none
 */
public record VarietyFacts(
        String name,
        String source,
        int yearReceived,
        boolean treated,
        boolean hybrid,
        boolean breedingOut,
        String bredFrom,
        TrueToType trueToType) {}
