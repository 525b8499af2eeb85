package theriseed.core.roguing;

import theriseed.core.measure.Chance;
import theriseed.core.measure.Range;

/**
 * What looking at some plants of a stand says about all of them: Clopper and Pearson (1934). Plants must be looked at as
 * they come, not the easy edges; off-types that look alike are invisible at any number.
 *
 * @param estimate share found, 0 to 1
 * @param upper exact 95 % upper limit of one side
 */
public record OffTypeLimit(double estimate, double upper) {
    /** Confidence of every limit the app shows. */
    public static final double CONFIDENCE = 0.95;

    /**
     * @param offTypes found, 0 to lookedAt
     * @param lookedAt plants, at least 1
     */
    public static OffTypeLimit of(int offTypes, int lookedAt) {
        Range.of(1, 1e7, "plants").check("n", lookedAt);
        Range.of(0, lookedAt, "plants").check("x", offTypes);
        return new OffTypeLimit(offTypes / (double) lookedAt, Chance.upperLimit(offTypes, lookedAt, CONFIDENCE));
    }
}
