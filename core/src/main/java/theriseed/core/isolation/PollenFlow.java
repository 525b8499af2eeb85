package theriseed.core.isolation;

import java.util.List;
import org.apache.commons.numbers.gamma.Gamma;
import org.apache.commons.numbers.gamma.RegularizedGamma;
import theriseed.core.measure.Range;

/**
 * Estimated share of seed crossed from outside, for comparing choices on one farm; good to a factor of three. Not a
 * certificate, not a promise of purity, not for legal thresholds: wind, the routes of bees and pollen from beyond the
 * map are not in it.
 *
 * <p>Exponential-power kernel c(d) = c0 exp(-(d/a)^b) (Clark 1998; Austerlitz et al. 2004), calibrated so that at the
 * required market distance it reads the target.
 */
public final class PollenFlow {
    /** Kernel shape when nothing better is known. */
    public static final double USUAL_SHAPE = 0.5;

    /** What the required market distance is taken to achieve. */
    public static final double TARGET = 0.001;

    /** The band of the estimate: times and divided by. */
    public static final double BAND = 3;

    private static final double SHARE_FLOOR = 0.05;
    private static final Range METRES = Range.of(0, 100_000, "m");
    private static final Range AREA = Range.above(0, 1e9, "m2");
    private static final Range SHARE = Range.of(0, 1, "");
    private static final Range HELD = Range.of(0, Barrier.MOST_HELD, "");

    private final double adjacent;
    private final double target;
    private final double scale;
    private final double shape;

    private PollenFlow(double adjacent, double target, double scale, double shape) {
        this.adjacent = adjacent;
        this.target = target;
        this.scale = scale;
        this.shape = shape;
    }

    /**
     * @param adjacent natural crossing beside a large neighbour, 0 to 1
     * @param target crossing at the required distance, 0 to adjacent
     * @param requiredMetres market distance, above 0 up to 20 000
     * @param shape 0.2 to 2
     */
    public static PollenFlow calibrated(double adjacent, double target, double requiredMetres, double shape) {
        Range.above(0, 1, "").check("c0", adjacent);
        Range.between(0, adjacent, "").check("target", target);
        Range.above(0, 20_000, "m").check("Dreq", requiredMetres);
        Range.of(0.2, 2, "").check("b", shape);
        double scale = requiredMetres / Math.pow(Math.log(adjacent / target), 1 / shape);
        return new PollenFlow(adjacent, target, scale, shape);
    }

    /** Scale of the kernel, metres. */
    public double scaleMetres() {
        return scale;
    }

    /** Crossing from a large neighbour blooming all the time, at that distance. */
    public double at(double metres) {
        return adjacent * Math.exp(-Math.pow(metres / scale, shape));
    }

    /** Metres at which a large neighbour's crossing has fallen to so small a share; 0 where it never was above it. */
    public double metresUntil(double share) {
        return adjacent <= share ? 0 : scale * Math.pow(Math.log(adjacent / share), 1 / shape);
    }

    /**
     * Distance that a partly crossing source needs, metres; 0 where even beside it the crossing stays below the target.
     *
     * @param compatibility 0 to 1
     */
    public double requiredMetres(double compatibility) {
        double full = SHARE.check("k", compatibility);
        return full == 0 ? 0 : metresUntil(target / full);
    }

    /**
     * One source of foreign pollen.
     *
     * @param metres edge to edge
     * @param area flowering square metres (or plants, as long as the recipient is counted alike), above 0
     * @param overlap share of the recipient's bloom it covers, 0 to 1
     * @param barrier share of pollen held back, 0 to 0.9
     * @param compatibility share of a full cross, 0 to 1
     */
    public record Source(double metres, double area, double overlap, double barrier, double compatibility) {
        public Source {
            METRES.check("d", metres);
            AREA.check("area", area);
            SHARE.check("W", overlap);
            HELD.check("barrier", barrier);
            SHARE.check("k", compatibility);
        }
    }

    /** Crossing from one source on a recipient of that area. */
    public double from(Source source, double recipientArea) {
        AREA.check("recipient_area", recipientArea);
        double share = source.area() / (source.area() + recipientArea);
        return at(source.metres())
                * Math.min(1 - SHARE_FLOOR, Math.max(SHARE_FLOOR, share))
                * source.overlap()
                * (1 - source.barrier())
                * source.compatibility();
    }

    /** All sources together, never more than the crop outcrosses at all. */
    public double total(List<Source> sources, double recipientArea, double outcrossing) {
        double untouched = 1;
        for (Source source : sources) {
            untouched *= 1 - from(source, recipientArea);
        }
        return Math.min(1 - untouched, outcrossing);
    }

    /**
     * Mean crossing of the seed kept when the outer rows facing a source are not harvested.
     *
     * @param metres from the source to the facing edge
     * @param depth of the planting behind that edge, metres
     * @param dropped metres of depth given up, 0 to depth
     */
    public double meanBehind(double metres, double depth, double dropped) {
        Range.above(0, 10_000, "m").check("depth", depth);
        Range.below(0, depth, "m").check("discard", dropped);
        return adjacent / (depth - dropped) * (integral(metres + depth) - integral(metres + dropped));
    }

    private double integral(double metres) {
        return scale
                / shape
                * Gamma.value(1 / shape)
                * RegularizedGamma.P.value(1 / shape, Math.pow(metres / scale, shape));
    }
}
