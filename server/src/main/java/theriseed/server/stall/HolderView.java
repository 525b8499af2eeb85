package theriseed.server.stall;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.UUID;

/** Who got seed of a lot: packets and bulk grams in all, from the first day to the last. */
public record HolderView(
        UUID customerId,
        String customer,
        UUID lotId,
        long packets,
        BigDecimal bulk,
        LocalDate firstOn,
        LocalDate lastOn) {}
