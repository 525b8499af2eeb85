package theriseed.server.calendar;

import java.time.Instant;
import java.util.UUID;
import theriseed.server.base.Maybe;

/**
 * A feed that is open, and who made it when; its address is known only to whoever made it.
 *
 * @param reminds minutes from the beginning of an act's first day at which it reminds of it; below 0 on the day before
 */
public record FeedView(
        UUID id,
        int version,
        Instant madeAt,
        String madeBy,
        @Maybe Integer reminds) {}
