package theriseed.core.quality;

import java.util.Arrays;
import java.util.OptionalDouble;
import theriseed.core.measure.Chance;
import theriseed.core.measure.Range;

/**
 * A germination test: replicates of equal size, normal seedlings counted in each. Sampling error only; seedlings
 * misjudged and uneven lots add more. A pass is for the sample on its day. ISTA Rules; Clopper and Pearson (1934).
 *
 * @param seeds in all
 * @param germinated in all
 * @param mean percent
 * @param reported percent, rounded half up
 * @param range between the replicates, percentage points
 * @param toleratedRange points that chance explains
 * @param acceptable whether the replicates agree; if not, test again
 * @param lower exact 95 % limit, percent; {@code upper} likewise; not valid unless acceptable
 */
public record GerminationResult(
        int seeds,
        int germinated,
        double mean,
        int reported,
        double range,
        double toleratedRange,
        boolean acceptable,
        double lower,
        double upper) {
    /** Fewest seeds that are worth a sheet. */
    public static final int LEAST_ON_A_SHEET = 5;

    /**
     * @param perReplicate seeds in each, 1 to 1000
     * @param counts germinated, 0 to perReplicate; at least two replicates
     */
    public static GerminationResult of(int perReplicate, int... counts) {
        Range.of(1, 1000, "seeds").check("n_per", perReplicate);
        Range.of(2, 100, "replicates").check("reps", counts.length);
        for (int i = 0; i < counts.length; i++) {
            Range.of(0, perReplicate, "seeds").check("reps[" + i + "]", counts[i]);
        }
        int x = Arrays.stream(counts).sum();
        int n = perReplicate * counts.length;
        double mean = 100.0 * x / n;
        double range = 100.0
                * (Arrays.stream(counts).max().orElseThrow()
                        - Arrays.stream(counts).min().orElseThrow())
                / perReplicate;
        double tolerated = ReplicateTolerance.points(mean, counts.length, perReplicate);
        return new GerminationResult(
                n,
                x,
                mean,
                (int) Math.floor(mean + 0.5),
                range,
                tolerated,
                range <= tolerated,
                100 * Chance.lowerLimit(x, n, 0.975),
                100 * Chance.upperLimit(x, n, 0.975));
    }

    /**
     * A home test: one sheet, nothing to compare it with, so that only its wide limits guard it.
     *
     * @param seeds on the sheet, 5 to 1000
     * @param germinated of them
     */
    public static GerminationResult oneSheet(int seeds, int germinated) {
        Range.of(LEAST_ON_A_SHEET, 1000, "seeds").check("n_per", seeds);
        Range.of(0, seeds, "seeds").check("reps[0]", germinated);
        double mean = 100.0 * germinated / seeds;
        return new GerminationResult(
                seeds,
                germinated,
                mean,
                (int) Math.floor(mean + 0.5),
                0,
                0,
                true,
                100 * Chance.lowerLimit(germinated, seeds, 0.975),
                100 * Chance.upperLimit(germinated, seeds, 0.975));
    }

    /** Lower 95 % limit of one side, percent: the standard is shown with confidence when this reaches it. */
    public double lowerOneSided() {
        return 100 * Chance.lowerLimit(germinated, seeds, 0.95);
    }

    /**
     * Chance that the lot's true germination is at least the standard, 0 to 1 (nothing assumed beforehand). None where the
     * replicates disagree: what made them differ is not chance, and may as well have made all of them wrong.
     */
    public OptionalDouble chanceAtLeast(double standard) {
        Range.of(0, 100, "%").check("standard", standard);
        return acceptable ? OptionalDouble.of(chance(standard)) : OptionalDouble.empty();
    }

    private double chance(double standard) {
        return 1 - Chance.incompleteBeta(standard / 100, germinated + 1.0, seeds - germinated + 1.0);
    }
}
