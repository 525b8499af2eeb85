package theriseed.server.stall;

import java.math.BigDecimal;
import java.util.Collection;
import java.util.List;
import java.util.UUID;

/** Whoever has promised seed that is still here: to an order, or to a day at the stall. */
public interface Promises {
    /**
     * Seed that is spoken for.
     *
     * @param packingRunId whose {@code packets}; null for {@code bulk} grams
     */
    record Promise(UUID lotId, UUID packingRunId, int packets, BigDecimal bulk) {}

    /** All that is promised of these lots. */
    List<Promise> of(Collection<UUID> lotIds);
}
