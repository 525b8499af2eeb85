package theriseed.core.roguing;

import theriseed.core.measure.Chance;
import theriseed.core.measure.Fewest;
import theriseed.core.measure.Range;

/** How many plants must be looked at to show that a stand is clean enough. Acceptance sampling, exact. */
public final class InspectionPlan {
    private static final Range TOLERANCE = Range.above(0, 0.5, "");
    private static final Range CONFIDENCE = Range.of(0.5, 0.9999, "");

    private InspectionPlan() {}

    /**
     * Fewest plants that show a share of at most {@code tolerance} while up to {@code allowed} off-types turn up.
     *
     * @param detection chance to recognise an off-type, above 0 to 1
     */
    public static int plants(double tolerance, double confidence, int allowed, double detection) {
        TOLERANCE.check("tol", tolerance);
        CONFIDENCE.check("conf", confidence);
        Range.of(0, 100, "plants").check("c", allowed);
        double seen = tolerance * Range.above(0, 1, "").check("detect", detection);
        return Fewest.of(
                "plants", allowed + 1, 1 / seen, plants -> Chance.atMost(allowed, plants, seen) <= 1 - confidence);
    }

    /**
     * Fewest plants of a small stand that, with no off-type among them, show it holds at most {@code tolerance}.
     *
     * @param stand plants standing
     */
    public static int plantsOfStand(int stand, double tolerance, double confidence) {
        Range.of(1, 1e6, "plants").check("N", stand);
        TOLERANCE.check("tol", tolerance);
        CONFIDENCE.check("conf", confidence);
        int firstTooMany = (int) Math.floor(stand * tolerance) + 1;
        double missed = 1;
        int lookedAt = 0;
        while (missed > 1 - confidence && lookedAt < stand) {
            missed *= Math.max(0, stand - firstTooMany - lookedAt) / (double) (stand - lookedAt);
            lookedAt++;
        }
        return lookedAt;
    }
}
