package theriseed.server.seedroom;

import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import theriseed.core.seedroom.ShelfKind;
import theriseed.server.base.Maybe;

/**
 * A container with where it stands.
 *
 * @param dampBecause why seed that was not known to be dry was closed in or frozen; empty where it was
 * @param closedUntil let it come to room warmth closed until then; absent unless it came out of a freezer lately
 */
public record ContainerView(
        UUID id,
        int version,
        int number,
        Container.Kind kind,
        boolean sealed,
        String dampBecause,
        UUID shelfId,
        String shelf,
        ShelfKind shelfKind,
        Instant since,
        @Maybe LocalDate emptiedOn,
        @Maybe Instant closedUntil) {}
