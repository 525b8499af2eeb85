package theriseed.server.season;

import java.util.List;
import java.util.UUID;
import theriseed.core.isolation.Verdict;
import theriseed.core.isolation.WaysOut;

/**
 * A way out of a threat, with all that is needed to try it and to keep it.
 *
 * @param steps one, or two or three that are taken together
 * @param verdict of the planting asked about, then
 * @param crossing estimated share of its seed crossed, then
 * @param helpsAgainst names of what threatens it less then
 * @param plan what would be planned and agreed
 */
public record WayView(
        List<Step> steps,
        WayCost cost,
        Verdict verdict,
        double crossing,
        List<String> helpsAgainst,
        PlannedTogether plan) {
    /**
     * @param targetId what would be otherwise: the planting itself, another, or a neighbour's crop
     * @param itself whether it is the planting that was asked about
     */
    public record Step(WayChange change, UUID targetId, WaysOut.Source target, String targetName, boolean itself) {}
}
