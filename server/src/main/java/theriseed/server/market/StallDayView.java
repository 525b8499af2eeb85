package theriseed.server.market;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import theriseed.server.base.Maybe;

/**
 * A day at the stall.
 *
 * @param brought in all; 0 until it is counted
 * @param floatCash change in the cash box before the first sale
 * @param cashCounted cash in it after the last; absent until somebody counted it
 * @param paidOtherwise by card or transfer
 * @param difference what was taken, less what was due; absent where the cash was not counted
 * @param tallied what went over the table so far by the tally, in money
 * @param handed the tally, newest first; empty once it is counted
 */
public record StallDayView(
        UUID id,
        UUID customerId,
        String market,
        LocalDate heldOn,
        String note,
        boolean counted,
        List<AlongLine> lines,
        BigDecimal brought,
        BigDecimal floatCash,
        @Maybe BigDecimal cashCounted,
        BigDecimal paidOtherwise,
        @Maybe BigDecimal difference,
        BigDecimal tallied,
        List<HandedView> handed) {

    /**
     * @param returned packets that came back, {@code given} that were gifts; absent until it is counted
     * @param handed packets that went over the table by the tally, sold or given, {@code gifts} of them given
     */
    public record AlongLine(
            UUID packingRunId,
            String number,
            String variety,
            @Maybe Integer seeds,
            @Maybe BigDecimal grams,
            @Maybe Integer metres,
            int taken,
            @Maybe Integer returned,
            @Maybe Integer given,
            BigDecimal price,
            int handed,
            int gifts) {}

    /** What went over the table at once. @param price in all */
    public record HandedView(UUID id, List<HandedLine> lines, boolean gift, BigDecimal price, Instant at, String by) {}

    public record HandedLine(UUID packingRunId, String number, String variety, int packets) {}
}
