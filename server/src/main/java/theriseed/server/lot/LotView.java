package theriseed.server.lot;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.UUID;
import theriseed.core.crop.Grade;
import theriseed.server.base.Maybe;

/**
 * A lot's identity as others see it.
 *
 * @param oldNumber it had where it came from, or before there were these numbers; empty for none
 * @param plantingId it was picked from, where it came of several lots that of the largest part; absent where that came from
 *     elsewhere
 * @param untagged whether it is fruit of a hand-pollinated planting that nobody tagged
 * @param reserved grams of clean seed kept for the farm's own sowing
 * @param ringId the ring of suspect seed it was picked from
 */
public record LotView(
        UUID id,
        int version,
        String number,
        String oldNumber,
        @Maybe UUID plantingId,
        UUID varietyId,
        int season,
        Grade grade,
        Origin origin,
        @Maybe UUID ringId,
        boolean untagged,
        @Maybe Instant labelPrintedAt,
        BigDecimal reserved,
        @Maybe Hold hold) {

    /** Why it may not leave, since when, said by whom. */
    public record Hold(String reason, Instant at, String by) {}
}
