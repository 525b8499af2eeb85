package theriseed.server.quality;

import java.util.List;
import theriseed.core.quality.SeedlingClasses;
import theriseed.core.quality.TwoTests;
import theriseed.server.base.Maybe;

/**
 * All tests of a lot, newest first, and the ones that count.
 *
 * @param germinations that were counted
 * @param running germination tests that are set, but not counted for the last time; the next due first
 * @param spoilt germination tests that were given up
 * @param compared the last germination with the one before; absent where there is none
 * @param pureLiveSeed percent that is pure and germinates; absent where either is unknown, or the seed sleeps
 */
public record TestsView(
        List<GerminationView> germinations,
        List<GerminationView> running,
        List<GerminationView> spoilt,
        List<SeedWeightView> seedWeights,
        List<PurityView> purities,
        List<MoistureView> moistures,
        List<CutView> cuts,
        List<GrowOutView> growOuts,
        List<WeevilLookView> weevils,
        @Maybe TwoTests compared,
        @Maybe Double pureLiveSeed) {

    static TestsView of(
            List<GerminationView> counted,
            List<GerminationView> running,
            List<GerminationView> spoilt,
            List<SeedWeightView> seedWeights,
            List<PurityView> purities,
            List<MoistureView> moistures,
            List<CutView> cuts,
            List<GrowOutView> growOuts,
            List<WeevilLookView> weevils) {
        return new TestsView(
                counted,
                running,
                spoilt,
                seedWeights,
                purities,
                moistures,
                cuts,
                growOuts,
                weevils,
                compared(counted),
                pureLiveSeed(counted, purities));
    }

    private static TwoTests compared(List<GerminationView> counted) {
        return counted.size() < 2
                ? null
                : TwoTests.of(
                        counted.get(0).result().germinated(),
                        counted.get(0).result().seeds(),
                        counted.get(1).result().germinated(),
                        counted.get(1).result().seeds());
    }

    private static Double pureLiveSeed(List<GerminationView> counted, List<PurityView> purities) {
        if (counted.isEmpty() || purities.isEmpty() || !purities.get(0).result().valid()) {
            return null;
        }
        SeedlingClasses classes = counted.get(0).classes();
        boolean sleeps = classes != null && classes.dormant();
        return sleeps || !counted.get(0).result().acceptable()
                ? null
                : purities.get(0).result().pure() * counted.get(0).result().mean() / 100;
    }

    /** The last germination test that was counted, or null. */
    public GerminationView germination() {
        return germinations.isEmpty() ? null : germinations.get(0);
    }

    /** The last germination test whose replicates agree, or null: what disagrees says that something went wrong, not what. */
    public GerminationView valid() {
        return germinations.stream()
                .filter(test -> test.result().acceptable())
                .findFirst()
                .orElse(null);
    }

    /** The last seed weight, or null. */
    public SeedWeightView seedWeight() {
        return seedWeights.isEmpty() ? null : seedWeights.get(0);
    }

    /** The last purity test, or null. */
    public PurityView purity() {
        return purities.isEmpty() ? null : purities.get(0);
    }

    /** The last sample that was grown out, or null. */
    public GrowOutView growOut() {
        return growOuts.isEmpty() ? null : growOuts.get(0);
    }

    /** The last moisture that was measured, or null. */
    public MoistureView moisture() {
        return moistures.isEmpty() ? null : moistures.get(0);
    }
}
