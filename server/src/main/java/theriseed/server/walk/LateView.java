package theriseed.server.walk;

import java.time.LocalDate;
import java.util.UUID;
import theriseed.core.roguing.LateOffType;

/**
 * Off-types of a walk that shed pollen, and what they did.
 *
 * @param since day from which they shed
 * @param taken whether that is only taken so, because the stand was in flower and nobody said that they were not
 * @param decided whether it was decided what becomes of the seed
 */
public record LateView(UUID walkId, LocalDate since, boolean taken, LateOffType late, boolean decided) {}
