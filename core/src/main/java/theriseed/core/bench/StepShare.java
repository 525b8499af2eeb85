package theriseed.core.bench;

import java.util.Arrays;
import theriseed.core.crop.Usual;
import theriseed.core.measure.Range;

/**
 * What steps of one kind let through of what went in, over some lots of a crop.
 *
 * @param steps counted
 * @param low smallest share, 0 to 1; above 1 only where water was added
 */
public record StepShare(StepKind kind, int steps, double low, double median, double high) {

    /** @param shares of each step, at least one, above 0 */
    public static StepShare of(StepKind kind, double... shares) {
        Range.of(1, 1e6, "steps").check("steps", shares.length);
        double[] sorted = shares.clone();
        Arrays.sort(sorted);
        double median = (sorted[(sorted.length - 1) / 2] + sorted[sorted.length / 2]) / 2;
        return new StepShare(kind, sorted.length, sorted[0], median, sorted[sorted.length - 1]);
    }

    /** What would come out of so much. */
    public Usual of(double massIn) {
        return new Usual(massIn * low, massIn * high);
    }
}
