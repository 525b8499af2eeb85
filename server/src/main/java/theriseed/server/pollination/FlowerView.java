package theriseed.server.pollination;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.UUID;
import theriseed.core.pollination.TakeRate;
import theriseed.server.base.Maybe;

/**
 * A flower pollinated by hand as others see it.
 *
 * @param took whether it set; absent until somebody looked
 */
public record FlowerView(
        UUID id,
        int version,
        UUID plantingId,
        int mother,
        List<Father> fathers,
        String tag,
        Instant pollinatedAt,
        @Maybe Boolean took,
        @Maybe LocalDate lookedOn,
        String note,
        String recordedBy) {
    /** The day it was pollinated on the farm. */
    LocalDate day(ZoneId zone) {
        return LocalDate.ofInstant(pollinatedAt, zone);
    }

    /** Whether it is to be looked at, whether it took. */
    boolean due(LocalDate today, ZoneId zone) {
        return took == null && !day(zone).plusDays(TakeRate.LOOK_AFTER_DAYS).isAfter(today);
    }
}
