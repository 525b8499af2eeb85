package theriseed.core.pollination;

import theriseed.core.measure.Range;

/**
 * Share of hand-pollinated flowers that set, from those that were looked at after some days; what is usual counts as much
 * as ten flowers, so that the first few do not decide.
 */
public final class TakeRate {
    /** Days after which a flower that took is told from one that did not. Experience; cool weather takes longer. */
    public static final int LOOK_AFTER_DAYS = 5;

    private static final double WEIGHT_OF_USUAL = 10;

    private TakeRate() {}

    /** @param took flowers that set, 0 to looked; {@code looked} flowers looked at */
    public static double of(int took, int looked) {
        Range.of(0, 1e6, "flowers").check("looked", looked);
        Range.of(0, looked, "flowers").check("took", took);
        return (took + WEIGHT_OF_USUAL * FlowerNeed.USUAL_TAKE) / (looked + WEIGHT_OF_USUAL);
    }
}
