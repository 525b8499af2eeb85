package theriseed.server.bench;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import theriseed.core.bench.LotYield;
import theriseed.core.bench.StepKind;
import theriseed.server.base.Maybe;

/**
 * What a corrected weight changes in the rest of a lot.
 *
 * @param steps whose figures become others, in order
 * @param yieldBefore share of what was picked, 0 to 1; both are absent while it is not clean
 */
public record LotChanges(
        List<StepChange> steps,
        @Maybe Double yieldBefore,
        @Maybe Double yieldAfter) {

    /** Nothing. */
    static final LotChanges NONE = new LotChanges(List.of(), null, null);

    /** A step whose figures become others. */
    public record StepChange(int place, StepKind kind, Figures before, Figures after) {}

    /**
     * Figures of a step.
     *
     * @param massIn grams
     * @param share of it that came out, 0 to 1
     * @param unaccounted percent of dry matter gone unseen
     */
    public record Figures(
            BigDecimal massIn, @Maybe Double share, @Maybe Double unaccounted, boolean alarm) {
        static Figures of(StepView step) {
            return new Figures(step.massIn().stripTrailingZeros(), step.share(), step.unaccounted(), step.alarm());
        }
    }

    /** Both of the same lot with the same steps. */
    static LotChanges between(BenchView before, BenchView after) {
        List<StepChange> steps = new ArrayList<>();
        for (int i = 0; i < before.steps().size(); i++) {
            StepView step = before.steps().get(i);
            Figures was = Figures.of(step);
            Figures becomes = Figures.of(after.steps().get(i));
            if (step.massOut() != null && !was.equals(becomes)) {
                steps.add(new StepChange(step.place(), step.kind(), was, becomes));
            }
        }
        Double was = share(before.yield());
        Double becomes = share(after.yield());
        boolean same = Objects.equals(was, becomes);
        return new LotChanges(steps, same ? null : was, same ? null : becomes);
    }

    private static Double share(LotYield yield) {
        return yield == null ? null : yield.share();
    }
}
