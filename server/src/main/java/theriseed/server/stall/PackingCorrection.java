package theriseed.server.stall;

import java.math.BigDecimal;
import java.time.LocalDate;

/**
 * What turns out to have been otherwise about a packing run.
 *
 * @param price a packet
 * @param sowBy year it is packed for
 * @param minutes null where nobody looked at the clock
 */
public record PackingCorrection(
        LocalDate packedOn, int packets, BigDecimal price, int sowBy, int people, Integer minutes) {}
