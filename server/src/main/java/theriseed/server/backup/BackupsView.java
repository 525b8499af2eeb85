package theriseed.server.backup;

import java.time.LocalDateTime;
import java.util.List;
import theriseed.server.base.Maybe;

/**
 * Backups of the farm.
 *
 * @param madeHere whether any are made: of a farm of one's own, in the database beside it
 * @param version of the plan
 * @param asked somebody asked for one that has not begun yet
 * @param events the latest first
 */
record BackupsView(boolean madeHere, BackupFacts plan, int version, boolean asked, List<EventView> events) {
    /** What was done. */
    enum What {
        /** A backup was written, put back beside the farm, and held against it. */
        MADE,
        /** It was copied to the other place. */
        ELSEWHERE,
        /** An older one was put back on trial and held against what it was when it was written. */
        TRIED
    }

    /**
     * @param said what went wrong, or what was found
     */
    record EventView(
            LocalDateTime at,
            What what,
            boolean good,
            String file,
            @Maybe Long bytes,
            @Maybe Integer seconds,
            String said) {}
}
