package theriseed.core.roguing;

import java.util.List;
import org.apache.commons.numbers.gamma.LogBeta;
import org.apache.commons.statistics.distribution.HypergeometricDistribution;
import theriseed.core.measure.Chance;
import theriseed.core.measure.Range;
import theriseed.core.roguing.PlantsSeen.Block;
import theriseed.core.roguing.PlantsSeen.Look;

/**
 * How many off-types still stand after the walks of one stage: Bayes' rule on a stand of so many plants, every number of
 * off-types in it equally likely beforehand. What was pulled stands no more, an eye recognises only some of what it looks
 * at, and rows walked twice are not the whole.
 *
 * <p>Beforehand each plant is as likely an off-type as every other, so that the plants seen tell of the rest only by how
 * many off-types they held: of the rest the chance is that of drawing without putting back.
 *
 * <p>The flat beginning is careful: most stocks are clean. What was overlooked once tends to be overlooked again, so a
 * further walk shows a little less than is calculated.
 */
public final class OffTypesStanding {
    /** Confidence of every limit the app shows. */
    public static final double CONFIDENCE = 0.95;

    private static final double NEGLIGIBLE = 1e-13;

    private final int plants;
    private final int gone;
    /** Plants looked at by any walk, and the fewest off-types that can have been among them. */
    private final int seen;

    private final int fewest;
    /** Chance of that many and one, two … more off-types among the plants looked at. */
    private final double[] chances;

    private OffTypesStanding(int plants, int gone, int seen, int fewest, double[] chances) {
        this.plants = plants;
        this.gone = gone;
        this.seen = seen;
        this.fewest = fewest;
        this.chances = chances;
    }

    /**
     * @param plants standing before the first walk of the stage, 1 to a million
     * @param passes in the order they were walked; none says nothing
     * @throws theriseed.core.measure.OutOfRange where a walk looked at more plants than stood
     */
    public static OffTypesStanding after(int plants, List<Pass> passes) {
        List<Block> seen = PlantsSeen.of(plants, passes).blocks().stream()
                .filter(block -> !block.looks().isEmpty())
                .toList();
        int lookedAt = seen.stream().mapToInt(Block::plants).sum();
        int gone = passes.stream().mapToInt(Pass::gone).sum();
        int fewest = seen.stream().mapToInt(OffTypesStanding::fewest).sum();
        int further = further(seen, lookedAt, fewest);
        double tilt = Math.log((fewest + 1 + further / 2.0) / (lookedAt + 1));
        double[] among = {1};
        for (Block block : seen) {
            among = together(among, of(block, further, tilt), further);
        }
        return new OffTypesStanding(plants, gone, lookedAt, fewest, weighed(among, lookedAt, fewest, tilt));
    }

    /** Fewest off-types a block can have held. */
    private static int fewest(Block block) {
        int gone = 0;
        int fewest = 0;
        for (Look look : block.looks()) {
            fewest = Math.max(fewest, gone + look.found());
            gone += look.gone();
        }
        return fewest;
    }

    /** How many more than the fewest may have been overlooked, beyond which next to no chance lies. */
    private static int further(List<Block> seen, int lookedAt, int fewest) {
        double overlooked = seen.stream()
                .mapToDouble(block -> block.looks().stream()
                        .mapToDouble(look -> 1 - look.recognised())
                        .reduce(1, (one, other) -> one * other))
                .max()
                .orElse(0);
        // Off-types that were found and left may have been found again, so more may stand than the fewest.
        int again = seen.stream()
                .mapToInt(block -> block.looks().stream().mapToInt(Look::found).sum() - fewest(block))
                .sum();
        double chance = 1;
        double sum = 1;
        int further = 0;
        while (further < lookedAt - fewest && (further <= again || chance > NEGLIGIBLE * sum)) {
            chance *= overlooked * (fewest + again + further + 1) / (further + 1.0);
            sum += chance;
            further++;
        }
        return further;
    }

    /** For the fewest off-types in a block and one, two … more: ways to choose them times the chance to find what was found. */
    private static double[] of(Block block, int further, double tilt) {
        int from = fewest(block);
        double[] logs = new double[Math.min(further, block.plants() - from) + 1];
        double most = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < logs.length; i++) {
            int offTypes = from + i;
            double log = logChoose(block.plants(), offTypes) + offTypes * tilt;
            int standing = offTypes;
            for (Look look : block.looks()) {
                log += logChoose(standing, look.found()) + overlooked(standing - look.found(), look.recognised());
                standing -= look.gone();
            }
            logs[i] = log;
            most = Math.max(most, log);
        }
        return exp(logs, most);
    }

    private static double overlooked(int plants, double recognised) {
        return plants == 0 ? 0 : plants * Math.log1p(-recognised);
    }

    private static double[] together(double[] one, double[] other, int further) {
        double[] both = new double[Math.min(further + 1, one.length + other.length - 1)];
        for (int i = 0; i < one.length; i++) {
            for (int j = 0; j < other.length && i + j < both.length; j++) {
                both[i + j] += one[i] * other[j];
            }
        }
        return both;
    }

    /** With every number of off-types in the stand equally likely beforehand, and a sum of one. */
    private static double[] weighed(double[] among, int lookedAt, int fewest, double tilt) {
        double[] logs = new double[among.length];
        double most = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < among.length; i++) {
            int offTypes = fewest + i;
            logs[i] = Math.log(among[i]) + LogBeta.value(offTypes + 1.0, lookedAt - offTypes + 1.0) - offTypes * tilt;
            most = Math.max(most, logs[i]);
        }
        double[] chances = exp(logs, most);
        double sum = 0;
        for (double chance : chances) {
            sum += chance;
        }
        for (int i = 0; i < chances.length; i++) {
            chances[i] /= sum;
        }
        return chances;
    }

    private static double[] exp(double[] logs, double most) {
        double[] values = new double[logs.length];
        for (int i = 0; i < logs.length; i++) {
            values[i] = Math.exp(logs[i] - most);
        }
        return values;
    }

    private static double logChoose(int of, int so) {
        return so == 0 || so == of ? 0 : -Math.log1p(of) - LogBeta.value(of - so + 1.0, so + 1.0);
    }

    /** Plants that stand after what was pulled. */
    public int standing() {
        return plants - gone;
    }

    /** Different plants that any walk looked at. */
    public int seen() {
        return seen;
    }

    /** Fewest different off-types that were among the plants looked at. */
    public int found() {
        return fewest;
    }

    /** Off-types that were found and stand for certain. */
    public int left() {
        return fewest - gone;
    }

    /** Chance that at most so many off-types still stand. */
    public double atMost(int offTypes) {
        Range.of(0, 1e6, "plants").check("offTypes", offTypes);
        if (offTypes >= standing()) {
            return 1;
        }
        // The n-th of all plants drawn in turn: as many off-types stand as plants come before it that nobody saw.
        HypergeometricDistribution drawn = HypergeometricDistribution.of(plants + 1, seen + 1, offTypes + gone + 1);
        double more = 1;
        for (int fewer = 0; fewer <= fewest; fewer++) {
            more -= drawn.probability(fewer);
        }
        double chance = 0;
        for (int i = 0; i < chances.length && more > 0; i++) {
            chance += chances[i] * more;
            more -= drawn.probability(fewest + i + 1);
        }
        return Math.min(1, Math.max(0, chance));
    }

    /** Chance that no off-type stands. */
    public double none() {
        return atMost(0);
    }

    /** Off-types to expect among what stands. */
    public double expected() {
        double expected = 0;
        for (int i = 0; i < chances.length; i++) {
            int offTypes = fewest + i;
            expected += chances[i] * (offTypes - gone + (plants - seen) * (offTypes + 1.0) / (seen + 2.0));
        }
        return expected;
    }

    /** The most off-types that may stand, at 95 %. */
    public int most() {
        return most(standing());
    }

    /** The same where it is known that no more than so many may; found soonest where it is nearly as many. */
    int most(int atMost) {
        int high = Math.min(atMost, standing());
        int step = 1;
        while (high - step >= 0 && atMost(high - step) >= CONFIDENCE) {
            high -= step;
            step *= 2;
        }
        int low = Math.max(0, high - step + 1);
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (atMost(middle) >= CONFIDENCE) {
                high = middle;
            } else {
                low = middle + 1;
            }
        }
        return high;
    }

    /** Chance that the share of off-types among what stands is within a tolerance, 0 to 1. */
    public double within(double tolerance) {
        return atMost(allowed(tolerance, standing()));
    }

    /**
     * Whether what was found and left, and what must be expected where nobody looked by the exact lower limit of what was
     * found, alone is more than a tolerance lets stand.
     */
    public boolean over(double tolerance) {
        double unseen = seen == plants || seen == 0 ? 0 : Chance.lowerLimit(fewest, seen, CONFIDENCE) * (plants - seen);
        return left() + unseen > Range.of(0, 1, "").check("tol", tolerance) * standing() + 1e-9;
    }

    /** Off-types that a tolerance lets stand among so many plants. */
    static int allowed(double tolerance, int standing) {
        return (int) Math.floor(Range.of(0, 1, "").check("tol", tolerance) * standing + 1e-9);
    }
}
