package theriseed.core.isolation;

import java.util.Comparator;
import java.util.List;
import theriseed.core.measure.Range;

/**
 * A way out with what it costs and what it would come to: one step, or two or three that are taken together.
 *
 * @param cost of all its steps
 * @param verdict of the seed crop then
 * @param crossing estimated share of its seed crossed then
 * @param helpsAgainst sources that threaten less then
 */
public record WayOut(List<Step> steps, Cost cost, Verdict verdict, double crossing, List<Integer> helpsAgainst) {
    public WayOut {
        steps = List.copyOf(steps);
        Range.of(1, 3, "steps").check("steps", steps.size());
    }

    /**
     * What is done about one stand.
     *
     * @param stand which is to be otherwise: the seed crop itself or what threatens it
     */
    public record Step(Way way, int stand) {}

    /**
     * What a way costs.
     *
     * @param hours of work in all, roughly
     * @param seedLost share of a crop's seed that is given up, in crops
     * @param seasonsLost crops that wait for another season
     * @param lowerGrades crops whose seed is of a lower grade then
     * @param moves crops that are planned on other ground
     * @param worth of the seed that is given up or waits, in hours of work
     */
    public record Cost(double hours, double seedLost, int seasonsLost, int lowerGrades, int moves, double worth) {
        /** Two days of work: as much as the seed of a crop counts where nobody knows what it earns. A rule of thumb. */
        public static final double A_CROP_HOURS = 16;

        /** A lower grade is taken to sell for half. */
        private static final double LOWER_GRADE = 0.5;

        /** What is grown a season later is not lost, where stored seed of it lasts until then. */
        private static final double A_SEASON_LATER = 0.5;

        /** What is planned on other ground has its beds, water and rest to be thought through again. */
        private static final double NEW_PLAN_HOURS = 2;

        static final Cost NOTHING = ofWork(0);
        static final Cost MOVE = new Cost(0, 0, 0, 0, 1, 0);

        public Cost {
            Range.of(0, 1e9, "h").check("hours", hours);
            Range.of(0, 3, "crops").check("seedLost", seedLost);
            Range.of(0, 1e9, "h").check("worth", worth);
        }

        static Cost ofWork(double hours) {
            return new Cost(hours, 0, 0, 0, 0, 0);
        }

        /** @param cropWorth hours of work that all the seed of the crop is worth */
        static Cost ofSeed(double lost, double cropWorth) {
            return new Cost(0, lost, 0, 0, 0, lost * cropWorth);
        }

        /** @param lasts whether seed of it is known to be stored that lasts until then */
        static Cost ofSeason(double cropWorth, boolean lasts) {
            return new Cost(0, 0, 1, 0, 0, lasts ? A_SEASON_LATER * cropWorth : cropWorth);
        }

        static Cost ofGrade(double cropWorth) {
            return new Cost(0, 0, 0, 1, 0, LOWER_GRADE * cropWorth);
        }

        Cost and(Cost other) {
            return new Cost(
                    hours + other.hours,
                    seedLost + other.seedLost,
                    seasonsLost + other.seasonsLost,
                    lowerGrades + other.lowerGrades,
                    moves + other.moves,
                    worth + other.worth);
        }

        /** All of it in hours of work, to be compared. */
        public double inHours() {
            return hours + worth + moves * NEW_PLAN_HOURS;
        }
    }

    /** What clears most first; of those that clear alike, what costs least in all; then the fewest steps. */
    static final Comparator<WayOut> BEST_FIRST = Comparator.comparing(WayOut::verdict)
            .thenComparingDouble((WayOut way) -> way.cost().inHours())
            .thenComparing(way -> way.steps().size())
            .thenComparingDouble(WayOut::crossing);
}
