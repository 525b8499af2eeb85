package theriseed.server.walk;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;

/** What the harvest knows of a planting: where there is nothing left to walk. */
public interface Picking {
    /** Last day on which plants were cut; none while they stand. */
    Optional<LocalDate> cutOn(UUID plantingId);
}
