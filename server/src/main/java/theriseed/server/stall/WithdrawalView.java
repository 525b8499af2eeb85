package theriseed.server.stall;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.UUID;
import theriseed.server.base.Maybe;

/**
 * Seed that was taken; grams of bulk, or packets. Below 0 where it came back.
 *
 * @param plantingId that it was sown in, where somebody said so
 * @param mixId into which it was put; its number is the note then
 */
public record WithdrawalView(
        UUID id,
        int version,
        UUID lotId,
        @Maybe UUID packingRunId,
        TakenFor why,
        LocalDate takenOn,
        @Maybe BigDecimal mass,
        @Maybe Integer packets,
        String note,
        @Maybe UUID plantingId,
        @Maybe UUID mixId,
        String recordedBy) {}
