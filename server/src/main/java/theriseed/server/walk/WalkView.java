package theriseed.server.walk;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/** A walk as others see it. */
public record WalkView(
        UUID id,
        int version,
        String stage,
        LocalDate walkedOn,
        int lookedAt,
        List<WalkFacts.OffType> offTypes,
        int offTypesInAll,
        int sick,
        String note,
        String recordedBy) {}
