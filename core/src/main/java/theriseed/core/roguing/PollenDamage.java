package theriseed.core.roguing;

import org.apache.commons.numbers.gamma.Gamma;
import org.apache.commons.numbers.gamma.RegularizedGamma;
import theriseed.core.bloom.BloomCurve;
import theriseed.core.measure.Chance;
import theriseed.core.measure.Range;

/** What an off-type that flowered before it was pulled has done to the seed of the others. Own derivation. */
public final class PollenDamage {
    private static final double SHAPE = 0.5;

    private PollenDamage() {}

    /**
     * @param bloomExposed share of the stand's bloom during which off-types shed, 0 to 1
     * @param pollenShare their share of the pollen then
     * @param seedFathered share of seed they fathered; half of it is added to the stock's alleles
     */
    public record Shed(double bloomExposed, double pollenShare, double seedFathered) {}

    /**
     * @param plants in all
     * @param offTypes among them, 0 to plants
     * @param vigour pollen of an off-type against a good plant's, 0 to 20
     * @param outcrossing 0 to 1
     * @param first first day of bloom of the stand; {@code last} its last
     * @param offTypeFirst day the off-types began to flower
     * @param removed day they were pulled
     */
    public static Shed shed(
            int plants,
            int offTypes,
            double vigour,
            double outcrossing,
            double first,
            double last,
            double offTypeFirst,
            double removed) {
        Range.of(1, 1e6, "plants").check("N", plants);
        Range.of(0, plants, "plants").check("x", offTypes);
        Range.of(0, 20, "").check("v", vigour);
        Range.of(0, 1, "").check("t_out", outcrossing);
        Range.of(-1e4, 1e4, "day").check("first", first);
        Range.of(first, 1e4, "day").check("last", last);
        Range.of(-1e4, 1e4, "day").check("offTypeFirst", offTypeFirst);
        Range.of(-1e4, 1e4, "day").check("removed", removed);
        double span = last - first + 1;
        double exposed = Math.max(
                0,
                BloomCurve.BELL.passed((removed - first) / span)
                        - BloomCurve.BELL.passed((offTypeFirst - first) / span));
        double pollen = offTypes * vigour / (offTypes * vigour + plants - offTypes);
        return new Shed(exposed, pollen, outcrossing * pollen * exposed);
    }

    /**
     * Round about one off-type.
     *
     * @param scale of the kernel, metres
     * @param besideIt share of seed crossed right beside it
     * @param radius within which more than the limit is crossed, metres
     * @param neighbours plants within that radius
     * @param share of its matings that lie within it
     * @param half radius that holds half its matings, metres
     * @param ninety radius that holds nine tenths, metres
     */
    public record Guard(
            double scale,
            double besideIt,
            double radius,
            double neighbours,
            double share,
            double half,
            double ninety) {}

    /**
     * @param meanTravel of pollen within the plot, metres, above 0 to 500; rarely known, so show half and double too
     * @param density plants a square metre, above 0 to 500
     * @param outcrossing 0 to 1
     * @param bloomExposed 0 to 1
     * @param limit crossing allowed, above 0 below 1
     */
    public static Guard guard(
            double meanTravel, double density, double outcrossing, double bloomExposed, double limit) {
        Range.above(0, 500, "m").check("mean_dist", meanTravel);
        Range.above(0, 500, "plants/m2").check("density", density);
        Range.of(0, 1, "").check("t_out", outcrossing);
        Range.of(0, 1, "").check("bloom_share", bloomExposed);
        Range.between(0, 1, "").check("tol", limit);
        double scale = meanTravel * Gamma.value(2 / SHAPE) / Gamma.value(3 / SHAPE);
        double integral = 2 * Math.PI * scale * scale * Gamma.value(2 / SHAPE) / SHAPE;
        double beside = outcrossing * bloomExposed / (density * integral);
        double radius = beside <= limit ? 0 : scale * Math.pow(Math.log(beside / limit), 1 / SHAPE);
        return new Guard(
                scale,
                beside,
                radius,
                density * Math.PI * radius * radius,
                within(radius, scale),
                holding(0.5, scale),
                holding(0.9, scale));
    }

    private static double within(double radius, double scale) {
        return RegularizedGamma.P.value(2 / SHAPE, Math.pow(radius / scale, SHAPE));
    }

    private static double holding(double share, double scale) {
        return Chance.rising(radius -> within(radius, scale), share, 0, 1e6 * scale);
    }
}
