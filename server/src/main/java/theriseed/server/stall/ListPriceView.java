package theriseed.server.stall;

import java.math.BigDecimal;
import java.util.UUID;
import theriseed.server.base.Maybe;

/**
 * What a list asks for a variety.
 *
 * @param seeds in a packet; absent for any packet, and for bulk
 * @param byWeight whether {@code price} is for a hundred grams, not for a packet
 */
public record ListPriceView(
        UUID id,
        int version,
        UUID varietyId,
        String variety,
        @Maybe Integer seeds,
        boolean byWeight,
        BigDecimal price) {}
