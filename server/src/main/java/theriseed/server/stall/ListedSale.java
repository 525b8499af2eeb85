package theriseed.server.stall;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.UUID;

/** A sale, gift or swap as it stands in the list of all: packets of a run or bulk grams, price in all. */
public record ListedSale(
        UUID id,
        String customer,
        UUID lotId,
        SaleKind kind,
        LocalDate soldOn,
        UUID packingRunId,
        Integer packets,
        BigDecimal bulk,
        BigDecimal price,
        String note) {}
