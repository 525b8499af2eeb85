package theriseed.server.walk;

import java.util.List;
import java.util.UUID;
import theriseed.core.roguing.StockTrend;

/** How true a variety was from generation to generation, oldest first. */
public record StockHistory(StockTrend trend, List<StockYear> generations) {
    /**
     * What the last walked stage of one planting showed.
     *
     * @param share off-types of those looked at, with its exact 95 % limits of both sides
     */
    public record StockYear(
            int season,
            UUID plantingId,
            String ground,
            String stage,
            int lookedAt,
            int offTypes,
            double share,
            double lower,
            double upper,
            double tolerance) {}
}
