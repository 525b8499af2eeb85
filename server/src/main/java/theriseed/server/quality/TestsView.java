package theriseed.server.quality;

import java.util.List;

/** All tests of a lot, newest first, and the ones that count. */
public record TestsView(
        List<GerminationView> germinations, List<SeedWeightView> seedWeights, List<WeevilLookView> weevils) {
    /** The last germination test, or null. */
    public GerminationView germination() {
        return germinations.isEmpty() ? null : germinations.get(0);
    }

    /** The last seed weight, or null. */
    public SeedWeightView seedWeight() {
        return seedWeights.isEmpty() ? null : seedWeights.get(0);
    }
}
