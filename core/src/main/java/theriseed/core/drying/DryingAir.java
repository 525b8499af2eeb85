package theriseed.core.drying;

/**
 * How warm drying air may be: damp seed is hurt sooner. The 90, 100 and 110 &deg;F rule of seed-drying handbooks; 30 to
 * 35 &deg;C is advised throughout, and large legumes and sweetcorn crack when dried fast: stay lower.
 */
public final class DryingAir {
    /** The warmest a dehydrator is set to, &deg;C, however dry the seed: its air is hotter in places than it shows. */
    private static final int DEHYDRATOR = 35;

    private DryingAir() {}

    /** What to set a dehydrator to at most, &deg;C, for seed of a moisture, % wet basis. */
    public static int dehydrator(double moisture) {
        return Math.min(DEHYDRATOR, warmest(moisture));
    }

    /** Warmest air, &deg;C, for seed of a moisture, % wet basis. */
    public static int warmest(double moisture) {
        WaterContent.WET_BASIS.check("m", moisture);
        if (moisture > 18) {
            return 32;
        }
        return moisture >= 10 ? 38 : 43;
    }
}
