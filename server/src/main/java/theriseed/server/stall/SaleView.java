package theriseed.server.stall;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.UUID;
import theriseed.server.base.Maybe;

/** A sale as others see it: packets or bulk grams, price in all. */
public record SaleView(
        UUID id,
        UUID lotId,
        String customer,
        LocalDate soldOn,
        @Maybe Integer packets,
        @Maybe BigDecimal bulk,
        BigDecimal price,
        String recordedBy) {}
