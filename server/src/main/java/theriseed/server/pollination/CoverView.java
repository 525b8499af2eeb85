package theriseed.server.pollination;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import theriseed.core.pollination.CoverVerdict;
import theriseed.server.base.Maybe;

/** A bag or a cage as others see it. */
public record CoverView(
        UUID id,
        int version,
        UUID plantingId,
        CoverKind kind,
        String tag,
        LocalDate putOn,
        boolean openFlowers,
        @Maybe LocalDate takenOff,
        boolean fruitSet,
        String note,
        List<CoverEventView> events,
        CoverVerdict verdict,
        String recordedBy) {}
