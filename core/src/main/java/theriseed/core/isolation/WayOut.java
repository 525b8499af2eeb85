package theriseed.core.isolation;

import java.util.Comparator;
import java.util.List;

/**
 * A way out with what it costs and what it would come to.
 *
 * @param stand which stand is to be otherwise: the seed crop itself or what threatens it
 * @param hours of work it takes in all, roughly
 * @param verdict of the seed crop then
 * @param crossing estimated share of its seed crossed then
 * @param helpsAgainst sources that threaten less then
 */
public record WayOut(Way way, int stand, double hours, Verdict verdict, double crossing, List<Integer> helpsAgainst) {
    /** What clears most first; of those that clear alike, what costs least. */
    static final Comparator<WayOut> BEST_FIRST = Comparator.comparing(WayOut::verdict)
            .thenComparingDouble(WayOut::hours)
            .thenComparingDouble(WayOut::crossing);
}
