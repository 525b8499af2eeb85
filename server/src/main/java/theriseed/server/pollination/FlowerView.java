package theriseed.server.pollination;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
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
        String recordedBy) {}
