package theriseed.server.money;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.UUID;
import theriseed.server.base.Maybe;

/** Money spent on a planting or a lot, as others see it. */
public record OutlayView(
        UUID id,
        int version,
        @Maybe UUID plantingId,
        @Maybe UUID lotId,
        OutlayKind kind,
        LocalDate spentOn,
        BigDecimal amount,
        String what,
        String recordedBy) {}
