package theriseed.server.season;

import java.util.UUID;
import theriseed.core.isolation.Verdict;

/**
 * Ground that is free for a planting, and what it would come to there.
 *
 * @param metres to the nearest of what could cross it; 0 when nothing could
 * @param spoils whether it would make another seed crop worse
 * @param then the planting as it would be planned
 */
public record PlaceView(
        String ground,
        UUID plotId,
        double metres,
        Verdict verdict,
        double crossing,
        boolean spoils,
        PlantingRequest then) {}
