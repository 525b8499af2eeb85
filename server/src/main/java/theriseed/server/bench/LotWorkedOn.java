package theriseed.server.bench;

import java.util.UUID;

/**
 * A step of a lot was recorded or corrected. Who built on its clean mass may refuse it by throwing.
 *
 * @param further whether the step was added, not one changed that stood already
 */
public record LotWorkedOn(UUID lotId, boolean further) {}
