package theriseed.server.bench;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import theriseed.core.bench.MassBalance;
import theriseed.core.bench.MissingReason;
import theriseed.core.bench.StepKind;

/**
 * What is told of a step. Masses in grams, moistures in percent wet basis; no mass out while it is under way.
 *
 * @param people who worked at it
 * @param vessels it is in, and {@code way} it is done: by flail, drum or fan
 * @param hole of the screen, mm; null for no screen
 * @param rounds of rinsing until the water was clear; null where nobody counted
 * @param missingReason kind of reason why mass went missing; null where none was told
 * @param target moisture seed is dried to; null for what sealed packs ask
 */
public record StepFacts(
        StepKind kind,
        Instant begunAt,
        Instant endedAt,
        BigDecimal massIn,
        BigDecimal waterAdded,
        BigDecimal massOut,
        List<ByProduct> byProducts,
        Double moistureIn,
        Double moistureOut,
        Double temperature,
        Double target,
        Integer minutes,
        int people,
        String vessels,
        String way,
        Double hole,
        Integer rounds,
        MissingReason missingReason,
        String missingBecause,
        String note) {

    /** Something that left the lot: what, how much, and where it went. */
    public record ByProduct(String what, BigDecimal mass, String goneTo) {
        String text() {
            return mass.stripTrailingZeros().toPlainString() + " g " + what;
        }
    }

    BigDecimal gone() {
        return byProducts.stream().map(ByProduct::mass).reduce(BigDecimal.ZERO, BigDecimal::add);
    }

    MassBalance.Weighed weighed() {
        return MassBalance.Weighed.recorded(
                kind,
                massIn.doubleValue(),
                waterAdded.doubleValue(),
                massOut.doubleValue(),
                gone().doubleValue(),
                Step.maybe(moistureIn),
                Step.maybe(moistureOut));
    }
}
