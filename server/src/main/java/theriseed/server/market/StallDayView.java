package theriseed.server.market;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import theriseed.server.base.Maybe;

/**
 * A day at the stall.
 *
 * @param brought in all; 0 until it is counted
 */
public record StallDayView(
        UUID id,
        UUID customerId,
        String market,
        LocalDate heldOn,
        String note,
        boolean counted,
        List<AlongLine> lines,
        BigDecimal brought) {

    /** @param returned packets that came back; absent until it is counted */
    public record AlongLine(
            UUID packingRunId,
            String number,
            String variety,
            @Maybe Integer seeds,
            int taken,
            @Maybe Integer returned,
            BigDecimal price) {}
}
