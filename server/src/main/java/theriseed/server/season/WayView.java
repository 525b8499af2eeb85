package theriseed.server.season;

import java.util.List;
import java.util.UUID;
import theriseed.core.isolation.Verdict;
import theriseed.core.isolation.WaysOut;
import theriseed.server.base.Maybe;

/**
 * A way out of a threat, with all that is needed to try it and to keep it.
 *
 * @param targetId what would be otherwise: the planting itself, another, or a neighbour's crop
 * @param itself whether it is the planting that was asked about
 * @param verdict of the planting asked about, then
 * @param crossing estimated share of its seed crossed, then
 * @param helpsAgainst names of what threatens it less then
 * @param plantingId the planting that changes; absent when a neighbour is asked
 * @param then that planting as it would be planned
 * @param targetVersion version of the target this was calculated from
 */
public record WayView(
        WayChange change,
        UUID targetId,
        WaysOut.Source target,
        String targetName,
        boolean itself,
        WayCost cost,
        Verdict verdict,
        double crossing,
        List<String> helpsAgainst,
        @Maybe UUID plantingId,
        @Maybe PlantingRequest then,
        int targetVersion) {}
