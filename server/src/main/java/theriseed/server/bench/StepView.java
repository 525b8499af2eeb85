package theriseed.server.bench;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import theriseed.core.bench.FermentClock;
import theriseed.core.bench.StepKind;
import theriseed.server.base.Maybe;

/**
 * A step as it is shown, with what the rules say of it. Masses in grams.
 *
 * @param share of what went in that came out, 0 to 1
 * @param unaccounted percent of dry matter gone unseen, where it can be told
 * @param alarm whether that is worth asking about
 * @param dryOut dry matter that came out; moisture measured, or the step's usual one when {@code dryEstimated}
 */
public record StepView(
        UUID id,
        int version,
        int place,
        StepKind kind,
        Instant begunAt,
        @Maybe Instant endedAt,
        BigDecimal massIn,
        BigDecimal waterAdded,
        @Maybe BigDecimal massOut,
        List<StepFacts.ByProduct> byProducts,
        @Maybe Double moistureIn,
        @Maybe Double moistureOut,
        @Maybe Double temperature,
        @Maybe Integer minutes,
        String missingBecause,
        String note,
        String recordedBy,
        @Maybe Double share,
        @Maybe Double unaccounted,
        boolean alarm,
        double dryOut,
        boolean dryEstimated,
        @Maybe Ferment ferment) {

    /** The ferment's clock: hours at 22 C so far, and when it will be ready and over at its last temperature. */
    public record Ferment(
            FermentClock.State state,
            double equivalentHours,
            double readyFrom,
            double readyTo,
            double temperature,
            Instant readyAt,
            Instant overAt) {}
}
