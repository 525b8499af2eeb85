package theriseed.server.season;

import java.util.Collection;
import java.util.List;
import java.util.UUID;

/** Knows what walks found of sickness in the rows. */
public interface Health {
    /** Plants that were sick, of those looked at. */
    record Sick(UUID plantingId, int sick, int lookedAt) {}

    /** The plantings among these in which too many plants were sick. */
    List<Sick> tooSick(Collection<UUID> plantings);
}
