package theriseed.server.quality;

import java.time.LocalDate;
import java.util.UUID;
import theriseed.core.quality.GrowOut;

/** A sample that was grown out, with what it says. */
public record GrowOutView(
        UUID id,
        int version,
        LocalDate sownOn,
        LocalDate examinedOn,
        int plants,
        int offTypes,
        GrowOut result,
        String note,
        String recordedBy) {}
