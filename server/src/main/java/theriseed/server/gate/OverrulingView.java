package theriseed.server.gate;

import java.time.Instant;
import java.util.UUID;
import theriseed.core.lot.Finding;
import theriseed.server.base.Maybe;

/** What was overruled in a lot, as it was found then. */
public record OverrulingView(
        UUID id,
        UUID lotId,
        Finding finding,
        String why,
        Instant at,
        String by,
        @Maybe Instant withdrawnAt,
        @Maybe String withdrawnBy,
        @Maybe String withdrawnWhy) {}
