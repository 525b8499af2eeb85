package theriseed.server.stand;

import java.time.LocalDate;
import java.util.UUID;
import theriseed.server.base.Maybe;

/** A look through the store as others see it. */
public record LookView(
        UUID id,
        int version,
        LocalDate seenOn,
        int pieces,
        int thrownOut,
        @Maybe Integer small,
        @Maybe Integer medium,
        @Maybe Integer large,
        String note,
        String recordedBy) {}
