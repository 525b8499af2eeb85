package theriseed.core.drying;

/**
 * How warm drying air may be: damp seed is hurt sooner. The 90, 100 and 110 &deg;F rule of seed-drying handbooks; 30 to
 * 35 &deg;C is advised throughout, and large legumes and sweetcorn crack when dried fast: stay lower.
 */
public final class DryingAir {
    private DryingAir() {}

    /** Warmest air, &deg;C, for seed of a moisture, % wet basis. */
    public static int warmest(double moisture) {
        WaterContent.WET_BASIS.check("m", moisture);
        if (moisture > 18) {
            return 32;
        }
        return moisture >= 10 ? 38 : 43;
    }
}
