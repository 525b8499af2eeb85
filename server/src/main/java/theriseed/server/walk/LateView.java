package theriseed.server.walk;

import java.util.UUID;
import theriseed.core.roguing.LateOffType;

/**
 * Off-types of a walk that shed pollen, and what they did.
 *
 * @param decided whether it was decided what becomes of the seed
 */
public record LateView(UUID walkId, LateOffType late, boolean decided) {}
