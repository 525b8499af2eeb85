package theriseed.server.bench;

import java.math.BigDecimal;
import java.util.List;
import theriseed.core.bench.LotSteps;
import theriseed.core.bench.LotYield;
import theriseed.core.bench.StepKind;
import theriseed.core.crop.Floating;
import theriseed.core.crop.Handling;
import theriseed.core.crop.Usual;
import theriseed.core.drying.Overheated;
import theriseed.server.base.Maybe;

/**
 * Where a lot stands at the bench.
 *
 * @param chain order of steps it goes through, usual for its crop or its own
 * @param left steps of it still to come
 * @param skipped places in the chain, from 0, of steps that were passed over: they were not done
 * @param next step to offer; absent at the end of the chain or while one is under way. Of clean seed only to dry it, where
 *     it is too damp for the store
 * @param ways of getting the seed of its crop out, the usual first
 * @param floating what it means when its seed floats
 * @param shelf it stands on, by the step under way, else the next; absent when there is none
 * @param wrong the step whose weights cannot be, when there is one: until it is put right nothing goes on
 * @param clean whether nothing is left to do but perhaps to dry it for the store
 * @param transferred whether all of it went into other lots
 * @param mass grams at the last weighing
 * @param cameOf what was picked that it came of, of a part its share; absent where that is not known
 * @param expected grams of clean seed that so much picked usually gives
 * @param toKeep share of what there is now that the steps left usually keep, 0 to 1; absent when it is clean
 * @param yield what it gave of what was picked, against what is usual; absent until it is clean
 * @param minutes of one person worked on it
 * @param dryPicked grams of dry matter in what was picked
 * @param heated air too warm for its seed, here or in lots it came of; absent where there was none
 */
public record BenchView(
        List<StepKind> chain,
        List<StepKind> left,
        List<Integer> skipped,
        List<StepView> steps,
        @Maybe StepKind next,
        @Maybe StepView underWay,
        List<Handling.Extraction> ways,
        Floating floating,
        @Maybe StepKind.Shelf shelf,
        @Maybe StepKind wrong,
        boolean clean,
        boolean transferred,
        BigDecimal mass,
        @Maybe LotSteps.Picked cameOf,
        @Maybe Usual expected,
        @Maybe Usual toKeep,
        @Maybe LotYield yield,
        int minutes,
        double dryPicked,
        @Maybe Overheated heated) {
    /** Steps that it still has to go through before it is clean. */
    public List<StepKind> beforeClean() {
        return clean ? List.of() : left;
    }

    /** The same with what happened to the seed in lots it came of. */
    BenchView heated(Overheated all) {
        return new BenchView(
                chain,
                left,
                skipped,
                steps,
                next,
                underWay,
                ways,
                floating,
                shelf,
                wrong,
                clean,
                transferred,
                mass,
                cameOf,
                expected,
                toKeep,
                yield,
                minutes,
                dryPicked,
                all);
    }
}
