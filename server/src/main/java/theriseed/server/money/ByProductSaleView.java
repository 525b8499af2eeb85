package theriseed.server.money;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.UUID;
import theriseed.server.base.Maybe;

/** What was sold of a planting or a lot besides its seed, as others see it. */
public record ByProductSaleView(
        UUID id,
        int version,
        @Maybe UUID plantingId,
        @Maybe UUID lotId,
        LocalDate soldOn,
        BigDecimal amount,
        String what,
        String recordedBy) {}
