package theriseed.core.isolation;

import java.util.Comparator;
import java.util.List;
import theriseed.core.measure.Range;

/**
 * A way out with what it costs and what it would come to.
 *
 * @param stand which stand is to be otherwise: the seed crop itself or what threatens it
 * @param verdict of the seed crop then
 * @param crossing estimated share of its seed crossed then
 * @param helpsAgainst sources that threaten less then
 */
public record WayOut(Way way, int stand, Cost cost, Verdict verdict, double crossing, List<Integer> helpsAgainst) {
    /**
     * What a way costs.
     *
     * @param hours of work in all, roughly
     * @param seedLost share of a crop's seed that is given up, 0 to 1
     * @param seasonLost whether a crop waits for another season
     * @param worthLess whether the seed is of a lower grade then
     * @param moved whether it is planned on other ground
     */
    public record Cost(double hours, double seedLost, boolean seasonLost, boolean worthLess, boolean moved) {
        /** Two days of work: as much as a season put off counts, or the seed of a crop. A rule of thumb, for the order. */
        private static final double A_CROP_HOURS = 16;

        private static final double LOWER_GRADE_HOURS = 8;
        private static final double NEW_PLAN_HOURS = 0.5;

        static final Cost NOTHING = ofWork(0);
        static final Cost SEASON = new Cost(0, 0, true, false, false);
        static final Cost GRADE = new Cost(0, 0, false, true, false);
        static final Cost MOVE = new Cost(0, 0, false, false, true);

        public Cost {
            Range.of(0, 1e9, "h").check("hours", hours);
            Range.of(0, 1, "").check("seedLost", seedLost);
        }

        static Cost ofWork(double hours) {
            return new Cost(hours, 0, false, false, false);
        }

        static Cost ofSeed(double lost) {
            return new Cost(0, lost, false, false, false);
        }

        /** All of it in hours of work, to be compared. */
        public double inHours() {
            return hours
                    + (seasonLost ? A_CROP_HOURS : 0)
                    + seedLost * A_CROP_HOURS
                    + (worthLess ? LOWER_GRADE_HOURS : 0)
                    + (moved ? NEW_PLAN_HOURS : 0);
        }
    }

    /** What clears most first; of those that clear alike, what costs least in all. */
    static final Comparator<WayOut> BEST_FIRST = Comparator.comparing(WayOut::verdict)
            .thenComparingDouble((WayOut way) -> way.cost().inHours())
            .thenComparingDouble(WayOut::crossing);
}
