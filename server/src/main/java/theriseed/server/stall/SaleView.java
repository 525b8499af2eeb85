package theriseed.server.stall;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.UUID;
import theriseed.server.base.Maybe;

/**
 * A sale, gift or swap as others see it: packets or bulk grams, price in all.
 *
 * @param returnOf the sale it came back of; its amounts and price are below 0 then
 */
public record SaleView(
        UUID id,
        int version,
        UUID lotId,
        UUID customerId,
        String customer,
        SaleKind kind,
        LocalDate soldOn,
        @Maybe UUID packingRunId,
        @Maybe Integer packets,
        @Maybe BigDecimal bulk,
        BigDecimal price,
        String note,
        @Maybe Integer delivery,
        @Maybe UUID returnOf,
        String recordedBy) {}
