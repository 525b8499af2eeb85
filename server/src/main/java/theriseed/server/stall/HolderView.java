package theriseed.server.stall;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.UUID;
import theriseed.server.base.Maybe;

/**
 * Who got seed of a lot: packets and bulk grams in all, from the first day to the last.
 *
 * @param mix number of the mix in which they got it, its share of that as grams; absent where it was by itself
 */
public record HolderView(
        UUID customerId,
        String customer,
        UUID lotId,
        @Maybe String mix,
        long packets,
        BigDecimal bulk,
        LocalDate firstOn,
        LocalDate lastOn) {}
