package theriseed.core.population;

import theriseed.core.measure.Chance;
import theriseed.core.measure.Fewest;
import theriseed.core.measure.Range;

/**
 * Seed to sow so that enough plants stand at harvest in 95 of 100 years. Plants are taken to live or die one by one (or,
 * with clustering, partly together); hail and slugs take a bed at once, so keep a reserve.
 *
 * @param survival share of seed that becomes a plant to choose from, 0 to 1
 * @param beforeChoice plants wanted before the best are chosen
 * @param seeds seeds to sow
 * @param chance that they are enough
 */
public record SowingNeed(double survival, int beforeChoice, int seeds, double chance) {
    private static final double SURE = 0.95;

    /** Of losses that come in clumps each number is summed up one by one. */
    private static final double MOST_CLUSTERED = 1e5;

    private static final Range STAGE = Range.above(0, 1, "");

    /**
     * @param plants wanted at harvest, at least 1
     * @param kept share kept on purpose among survivors, above 0 to 1
     * @param clustering of losses, 0 (independent) to 0.5
     * @param stages survival through each stage, above 0 to 1
     */
    public static SowingNeed of(int plants, double kept, double clustering, double... stages) {
        Range.of(1, 1e6, "plants").check("N", plants);
        STAGE.check("keep_selected", kept);
        Range.of(0, 0.5, "").check("rho", clustering);
        double survival = 1;
        for (int i = 0; i < stages.length; i++) {
            survival *= STAGE.check("stages[" + i + "]", stages[i]);
        }
        Range before = Range.of(1, clustering == 0 ? 1e9 : MOST_CLUSTERED, "plants");
        int wanted = Chance.roundUp(before.check("before_choice", plants / kept));
        double q = survival;
        int seeds = Fewest.of(
                "seeds", wanted, wanted / q, sown -> Chance.atLeastClustered(wanted, sown, q, clustering) >= SURE);
        return new SowingNeed(survival, wanted, seeds, Chance.atLeastClustered(wanted, seeds, q, clustering));
    }
}
