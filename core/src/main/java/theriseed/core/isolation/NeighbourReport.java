package theriseed.core.isolation;

import java.time.LocalDate;
import theriseed.core.bloom.BloomSpread;

/** How far what somebody says of a crop beyond the fence can be relied on. */
public final class NeighbourReport {
    /** How far a spot pointed at over a fence may be off, metres. Experience. */
    public static final double POSITION_ERROR_M = 10;

    /** Days after which what was seen may stand there no more: another season has begun. */
    private static final int STALE_AFTER_DAYS = 365;

    /** Sd of a bloom that was looked at over a fence now and then, days. Experience. */
    private static final double FRESH_DAYS = 3;

    /** Sd of a bloom told from what was seen in another year, days: weather and sowing move it. Experience. */
    private static final double STALE_DAYS = 10;

    private NeighbourReport() {}

    /** How far the days of a bloom that ends on a day may be off, told from what was seen on another. */
    public static BloomSpread spread(LocalDate seenOn, LocalDate lastBloom) {
        return BloomSpread.ofBoth(fresh(seenOn, lastBloom) ? FRESH_DAYS : STALE_DAYS);
    }

    /** Whether what was seen on a day still tells of a bloom that ends on another. */
    public static boolean fresh(LocalDate seenOn, LocalDate lastBloom) {
        return !lastBloom.isAfter(seenOn.plusDays(STALE_AFTER_DAYS));
    }
}
