package theriseed.server.seedroom;

import java.time.Instant;
import java.util.UUID;
import theriseed.core.seedroom.ShelfKind;
import theriseed.server.base.Maybe;

/**
 * A place in which seed stands.
 *
 * @param celsius usual there, taken while nothing is measured; {@code humidity} likewise, percent
 * @param air as it is now
 */
public record ShelfView(
        UUID id, int version, String name, ShelfKind kind, double celsius, double humidity, String note, Air air) {

    /**
     * The air of a shelf.
     *
     * @param readAt when it was read last; absent where the usual is taken
     * @param sum &deg;F and percent together, which should stay below 100
     * @param settlesAt percent moisture at which open seed of a middling oily crop comes to rest
     */
    public record Air(
            double celsius,
            double humidity,
            @Maybe Instant readAt,
            @Maybe String source,
            double sum,
            double settlesAt) {}
}
