package theriseed.server.account;

import java.time.Instant;
import java.util.UUID;
import theriseed.server.base.Maybe;

/**
 * Somebody of the farm, as growers see them.
 *
 * @param linkUntil until when a link is open by which this person may choose a password
 * @param places where they are signed in now
 * @param lastSeen of those
 */
public record PersonView(
        UUID id,
        int version,
        String name,
        Role role,
        Standing standing,
        Instant since,
        String by,
        @Maybe Instant linkUntil,
        long places,
        @Maybe Instant lastSeen,
        @Maybe Instant endedAt,
        @Maybe String endedBy) {
    /** Whether somebody has come yet, comes and goes, or is gone. */
    public enum Standing {
        INVITED,
        HERE,
        ENDED
    }
}
