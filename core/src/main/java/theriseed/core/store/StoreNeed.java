package theriseed.core.store;

import theriseed.core.measure.Chance;
import theriseed.core.measure.Range;
import theriseed.core.population.SowingNeed;

/**
 * How many roots to put in so that enough are sound in spring, in 95 of 100 years. Rot comes in clumps; a clustering of
 * 0.05 to 0.15 is nearer the truth than none.
 *
 * @param survival of the store, 0 to 1
 * @param beforeChoice sound ones wanted before the best are chosen
 * @param onAverage that would do if every year were average
 * @param putIn roots
 * @param chance that they are enough
 */
public record StoreNeed(double survival, int beforeChoice, int onAverage, int putIn, double chance) {
    /**
     * @param wanted for replanting, at least 1
     * @param rate of loss a day, 0 to 0.2
     * @param days in store
     * @param startLoss share lost when they are put in, 0 to below 1
     * @param kept share kept by the last choice, above 0 to 1
     * @param clustering of rot, 0 to 0.5
     */
    public static StoreNeed of(int wanted, double rate, double days, double startLoss, double kept, double clustering) {
        StoreLosses.RATE.check("rate_day", rate);
        Range.of(0, 400, "days").check("days", days);
        Range.below(0, 1, "").check("start_loss", startLoss);
        SowingNeed need = SowingNeed.of(wanted, kept, clustering, (1 - startLoss) * Math.exp(-rate * days));
        return new StoreNeed(
                need.survival(),
                need.beforeChoice(),
                Chance.roundUp(need.beforeChoice() / need.survival()),
                need.seeds(),
                need.chance());
    }

    /** Sound roots to expect of those put in. */
    public double expected() {
        return putIn * survival;
    }
}
