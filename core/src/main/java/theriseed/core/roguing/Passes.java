package theriseed.core.roguing;

import theriseed.core.measure.Range;

/**
 * What several passes of pulling leave when each off-type is recognised with some chance. Optimistic: what was missed
 * once tends to be missed again.
 *
 * @param offTypesLeft share of off-types among what stands
 * @param plantsLeft share of all plants that still stand
 */
public record Passes(double offTypesLeft, double plantsLeft) {
    /**
     * @param share of off-types at first, 0 to 1
     * @param detection chance to recognise one in a pass, 0 to 1
     * @param passes 0 to 20
     * @param goodPulled share of good plants pulled by mistake in a pass, 0 to 0.2
     */
    public static Passes of(double share, double detection, int passes, double goodPulled) {
        Range.of(0, 1, "").check("f0", share);
        Range.of(0, 1, "").check("detect", detection);
        Range.of(0, 20, "passes").check("k", passes);
        Range.of(0, 0.2, "").check("false_pull", goodPulled);
        double off = share * Math.pow(1 - detection, passes);
        double good = (1 - share) * Math.pow(1 - goodPulled, passes);
        return new Passes(off / (off + good), off + good);
    }
}
