package theriseed.core.lot;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import theriseed.core.bench.StepKind;

/**
 * One thing a lot waits for, with the figures that say why. What it says in words stands in the catalogue of sentences.
 * Shares are fractions. In the order in which such work is done on one day, what is only told of the lot last.
 */
public sealed interface LotNeed {
    /** Whether it cannot wait. */
    default boolean urgent() {
        return false;
    }

    /** Its place in that order. */
    default int place() {
        return List.of(LotNeed.class.getPermittedSubclasses()).indexOf(getClass());
    }

    /** @param overAt from when it ferments too long; {@code over} whether that has come */
    record Rinse(double celsius, Instant overAt, boolean over) implements LotNeed {
        @Override
        public boolean urgent() {
            return true;
        }
    }

    /** Seed in a cleaner, which works in minutes. @param outAt when it is to come out; none where nobody said for how long */
    record TakeOutOfWash(Instant since, Optional<Instant> outAt) implements LotNeed {
        @Override
        public boolean urgent() {
            return true;
        }
    }

    record Stir(Instant readyAt) implements LotNeed {}

    /** It has its number, and nothing is in it. */
    record WeighHarvest() implements LotNeed {
        @Override
        public boolean urgent() {
            return true;
        }
    }

    /** The weights of that step contradict each other. */
    record PutWeightsRight(StepKind step) implements LotNeed {
        @Override
        public boolean urgent() {
            return true;
        }
    }

    record NextStep(StepKind step) implements LotNeed {
        @Override
        public boolean urgent() {
            return step.wet();
        }
    }

    /** A step is under way, to be weighed out when it is done. */
    record WeighOut(StepKind step, Instant since) implements LotNeed {}

    /** Damp seed in air warmer than it bears. @param dryAt when it reaches its target; none where the air never dries it so far */
    record TrayTooWarm(Optional<Instant> dryAt) implements LotNeed {
        @Override
        public boolean urgent() {
            return true;
        }
    }

    /** It took up water again. */
    record TrayRewetted(Optional<Instant> dryAt) implements LotNeed {
        @Override
        public boolean urgent() {
            return true;
        }
    }

    /** @param days since it was weighed last */
    record TrayForgotten(int days, Optional<Instant> dryAt) implements LotNeed {
        @Override
        public boolean urgent() {
            return true;
        }
    }

    /** @param moisture percent now, and {@code target} percent */
    record WeighTray(double moisture, double target, Optional<Instant> dryAt) implements LotNeed {}

    /** @param bored share of the seed looked at; up to {@code upper} in the lot */
    record Freeze(double bored, double upper) implements LotNeed {
        @Override
        public boolean urgent() {
            return true;
        }
    }

    /** It was frozen; what lived on has hatched since that day. */
    record LookForWeevils(LocalDate since) implements LotNeed {}

    /** A test would settle what holds it back. */
    record Test(Finding because) implements LotNeed {}

    /** It may be sold, but by its forecast should be tested anew since that day. */
    record Retest(LocalDate since) implements LotNeed {}

    /**
     * A germination test runs.
     *
     * @param due day of its next count
     * @param last whether that is the last count, not the first
     * @param now whether that day has come
     * @param late whether seedlings tangle and mould by now
     */
    record CountGermination(int seeds, LocalDate setOn, LocalDate due, boolean last, boolean now, boolean late)
            implements LotNeed {
        @Override
        public boolean urgent() {
            return late;
        }
    }

    /** Somebody held it back and must decide about it; nothing else is asked of it meanwhile. */
    record DecideHold(String why) implements LotNeed {}

    /** Something else holds it back. */
    record HeldBack(Finding because) implements LotNeed {}

    /** It is forecast to fall below its standard on that day. */
    record Falling(LocalDate on) implements LotNeed {}

    /** Clean, and nothing holds it back. */
    record Pack() implements LotNeed {}

    record Low() implements LotNeed {}

    /** It stands at the bench, and nothing is to be done just now. */
    record Wait() implements LotNeed {}

    /** @param keepsUntil day on which it is forecast to fall below its standard; none beyond ten years */
    record Nothing(Optional<LocalDate> keepsUntil) implements LotNeed {}

    /** @param transferred whether all of it went into other lots */
    record NoneLeft(boolean transferred) implements LotNeed {}
}
