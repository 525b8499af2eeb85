package theriseed.server.bench;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import theriseed.core.bench.LotSteps;
import theriseed.core.bench.MissingReason;
import theriseed.core.bench.StepKind;
import theriseed.core.measure.Range;

/**
 * What is told of a step. Masses in grams, moistures in percent wet basis; no mass out while it is under way.
 *
 * @param people who worked at it
 * @param vessels it is in, and {@code way} it is done: by flail, drum or fan
 * @param hole of the screen, mm; null for no screen
 * @param rounds of rinsing until the water was clear; null where nobody counted
 * @param missingReason kind of reason why mass went missing; null where none was told
 * @param dampBecause why it is frozen though it is not known to be dry; empty where that need not be told
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
        String dampBecause,
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

    /** The same step, when it took in another mass than was thought. */
    StepFacts took(BigDecimal otherMassIn) {
        return new StepFacts(
                kind,
                begunAt,
                endedAt,
                otherMassIn,
                waterAdded,
                massOut,
                byProducts,
                moistureIn,
                moistureOut,
                temperature,
                target,
                minutes,
                people,
                vessels,
                way,
                hole,
                rounds,
                missingReason,
                missingBecause,
                dampBecause,
                note);
    }

    /**
     * What this step takes in when the mass it came from turns out to be another: all of it, if it had taken all; what was
     * weighed in apart stays.
     */
    BigDecimal taking(BigDecimal was, BigDecimal is) {
        return was != null && massIn.compareTo(was) == 0 ? is : massIn;
    }

    /** The least that must have gone in for what came out. */
    private BigDecimal least() {
        return massOut == null
                ? BigDecimal.ZERO
                : massOut.add(gone()).subtract(waterAdded).max(BigDecimal.ZERO);
    }

    /**
     * Refuses that less was there than this step must have taken.
     *
     * @param field that is corrected, from {@code was} to {@code is}
     */
    void checkTaken(String field, BigDecimal was, BigDecimal is) {
        boolean all = was != null && massIn.compareTo(was) == 0;
        BigDecimal taken = all ? least() : massIn;
        Range.from(taken.doubleValue(), "g")
                .because(all ? "NEXT_STEP_GAVE" : "NEXT_STEP_TOOK")
                .check(field, is);
    }

    /** As the rules weigh it. */
    LotSteps.Step toWeigh() {
        return new LotSteps.Step(
                kind,
                massIn,
                waterAdded,
                Optional.ofNullable(massOut),
                gone(),
                Step.maybe(moistureIn),
                Step.maybe(moistureOut));
    }
}
