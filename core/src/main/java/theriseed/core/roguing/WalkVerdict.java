package theriseed.core.roguing;

import theriseed.core.crop.Grade;
import theriseed.core.measure.Chance;
import theriseed.core.measure.Range;

/**
 * What the walks of one stage have shown.
 *
 * <p>A sample is judged by its exact 95 % limit. When every plant of the stand was looked at there is nothing left to
 * sample: the share found is judged as it is, and what remains is the chance that one was overlooked.
 *
 * @param limit share found and its upper limit
 * @param tolerance share the grade lets pass
 * @param more plants still to look at, with no more off-types, until it is shown; 0 when shown, over or all looked at
 * @param overlooked chance that at least one off-type still stands although every plant was looked at; 0 for a sample
 */
public record WalkVerdict(OffTypeLimit limit, double tolerance, Mark mark, int more, double overlooked) {
    /** Shown to be within the limit, not shown yet, or shown to be over it. */
    public enum Mark {
        SHOWN,
        NOT_YET,
        OVER
    }

    /** Chance that a practised eye recognises an off-type it looks at, assumed until measured. */
    public static final double DETECTION = 0.9;

    /**
     * @param offTypes found, 0 to lookedAt
     * @param lookedAt plants, at least 1
     * @param stand plants standing, at least 1
     */
    public static WalkVerdict of(Grade grade, int offTypes, int lookedAt, int stand) {
        Range.of(1, 1e6, "plants").check("stand", stand);
        OffTypeLimit limit = OffTypeLimit.of(offTypes, lookedAt);
        double tolerance = grade.offTypesAllowed();
        if (lookedAt >= stand) {
            return new WalkVerdict(
                    limit, tolerance, limit.estimate() <= tolerance ? Mark.SHOWN : Mark.OVER, 0, overlooked(offTypes));
        }
        if (limit.upper() <= tolerance) {
            return new WalkVerdict(limit, tolerance, Mark.SHOWN, 0, 0);
        }
        if (Chance.lowerLimit(offTypes, lookedAt, OffTypeLimit.CONFIDENCE) > tolerance) {
            return new WalkVerdict(limit, tolerance, Mark.OVER, 0, 0);
        }
        int enough = offTypes > 100 ? stand : InspectionPlan.plants(tolerance, OffTypeLimit.CONFIDENCE, offTypes, 1);
        return new WalkVerdict(limit, tolerance, Mark.NOT_YET, Math.min(enough, stand) - lookedAt, 0);
    }

    /** Chance that an eye that found so many of a whole stand overlooked one. */
    static double overlooked(int offTypes) {
        return 1 - Math.pow(DETECTION, offTypes + 1.0);
    }
}
