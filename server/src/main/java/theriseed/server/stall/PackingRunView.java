package theriseed.server.stall;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.UUID;
import theriseed.server.base.Maybe;

/**
 * A packing run as others see it.
 *
 * @param seeds a packet promises; absent for packets by weight
 * @param fill grams in each packet
 * @param left packets not yet sold
 * @param price a packet
 */
public record PackingRunView(
        UUID id,
        UUID lotId,
        LocalDate packedOn,
        @Maybe Integer seeds,
        BigDecimal fill,
        int packets,
        int left,
        BigDecimal bulkAfter,
        BigDecimal price,
        String recordedBy) {}
