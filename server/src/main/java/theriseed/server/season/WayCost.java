package theriseed.server.season;

import theriseed.core.isolation.WayOut;
import theriseed.server.base.Maybe;

/**
 * What a way out costs, all of it.
 *
 * @param hours of work, roughly
 * @param seedLost seed that is given up, in crops
 * @param seasonsLost crops that wait for another season
 * @param lowerGrades crops whose seed is of a lower grade then
 * @param moves crops that are planned on other ground
 * @param inHours all of it in hours of work, by which ways are compared
 * @param money what the seed that is lost or waits earns, by what its variety was sold for; absent where nothing was
 */
public record WayCost(
        double hours,
        double seedLost,
        int seasonsLost,
        int lowerGrades,
        int moves,
        double inHours,
        @Maybe Double money) {
    static WayCost of(WayOut.Cost cost, Double money) {
        return new WayCost(
                cost.hours(),
                cost.seedLost(),
                cost.seasonsLost(),
                cost.lowerGrades(),
                cost.moves(),
                cost.inHours(),
                money);
    }
}
