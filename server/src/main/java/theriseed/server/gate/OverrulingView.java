package theriseed.server.gate;

import java.time.Instant;
import java.util.UUID;
import theriseed.core.lot.SaleGate;
import theriseed.server.base.Maybe;

/** What was overruled in a lot, as it was found then. */
public record OverrulingView(
        UUID id,
        UUID lotId,
        SaleGate.Reason reason,
        String finding,
        String why,
        Instant at,
        String by,
        @Maybe Instant withdrawnAt,
        @Maybe String withdrawnBy,
        @Maybe String withdrawnWhy) {}
