package theriseed.core.isolation;

import java.time.LocalDate;

/** How far what somebody says of a crop beyond the fence can be relied on. */
public final class NeighbourReport {
    /** How far a spot pointed at over a fence may be off, metres. Experience. */
    public static final double POSITION_ERROR_M = 10;

    /** Days after which what was seen may stand there no more: another season has begun. */
    private static final int STALE_AFTER_DAYS = 365;

    private NeighbourReport() {}

    /** Whether what was seen on a day still tells of a bloom that ends on another. */
    public static boolean fresh(LocalDate seenOn, LocalDate lastBloom) {
        return !lastBloom.isAfter(seenOn.plusDays(STALE_AFTER_DAYS));
    }
}
