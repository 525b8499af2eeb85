package theriseed.server.stall;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.UUID;
import theriseed.server.base.Maybe;

/**
 * A packing run as others see it.
 *
 * @param seeds a packet promises; absent for packets by weight
 * @param grams a packet promises; absent where it goes otherwise, and for those filled before it was kept
 * @param fill grams in each packet
 * @param metres of row a packet sows; absent where it was not asked for so
 * @param sowBy year it is packed for
 * @param left packets still here, {@code promised} of them to somebody, {@code free} to be sold
 * @param price a packet
 */
public record PackingRunView(
        UUID id,
        int version,
        UUID lotId,
        LocalDate packedOn,
        @Maybe Integer seeds,
        @Maybe BigDecimal grams,
        @Maybe Integer metres,
        int sowBy,
        BigDecimal fill,
        int packets,
        int left,
        int promised,
        int free,
        BigDecimal bulkAfter,
        BigDecimal price,
        int people,
        @Maybe Integer minutes,
        String recordedBy) {}
