package theriseed.server.stall;

import java.math.BigDecimal;
import java.time.LocalDate;
import theriseed.server.base.Maybe;

/**
 * A kind of packet the farm filled before: by count, by weight or by the row; one of the three is there.
 *
 * @param price on the newest of them
 * @param sameVariety whether this variety was packed so
 */
public record PackedBefore(
        @Maybe Integer seeds,
        @Maybe BigDecimal grams,
        @Maybe Integer metres,
        BigDecimal price,
        LocalDate lastOn,
        boolean sameVariety) {}
