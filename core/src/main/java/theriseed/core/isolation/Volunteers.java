package theriseed.core.isolation;

import java.util.Map;
import theriseed.core.crop.Crop;

/**
 * Plants that come up by themselves where a crop seeded last season, and may father seed of what stands there now. How many
 * come up is a rule of thumb: digging, frost and birds change it by a factor of ten; what matters is that they are looked for.
 */
public final class Volunteers {
    /** Share of a stand that comes up again, by how easily the crop sheds its seed. Experience. */
    private static final Map<String, Double> COMES_UP_AGAIN = Map.of("low", 0.002, "medium", 0.01, "high", 0.03);

    private static final double USUAL = 0.01;

    /** Ground on which seed fell, as a multiple of that on which the crop stood. Experience. */
    private static final double SCATTERED = 4;

    /** A single plant somewhere, square metres. */
    private static final double LEAST = 0.01;

    private Volunteers() {}

    /** Square metres that come up again. @param stood square metres that seeded */
    public static double area(Crop crop, double stood) {
        return Math.max(LEAST, stood * COMES_UP_AGAIN.getOrDefault(crop.shatterRisk(), USUAL));
    }

    /** The same, hoed out before they flower. */
    public static Stand pulled(Stand volunteers) {
        return volunteers.controlled(PollenControl.NEVER_FLOWERS).surely(true);
    }

    /** Square metres to be hoed: where the crop stood and as far round it as its seed falls. @param area that comes up again */
    static double hoed(Crop crop, double area) {
        return SCATTERED * area / COMES_UP_AGAIN.getOrDefault(crop.shatterRisk(), USUAL);
    }

    /**
     * Whether they matter to a seed crop that stands on the same ground now: their own variety they cannot spoil.
     *
     * @param earlier the crop that seeded, {@code now} the one that stands
     */
    public static boolean matter(Crop earlier, Crop now, boolean sameVariety) {
        return !sameVariety && now.takesPollenOf(earlier) > 0;
    }
}
