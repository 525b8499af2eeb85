package theriseed.core.lot;

import java.math.BigDecimal;
import java.math.MathContext;
import java.time.LocalDate;
import java.util.List;
import theriseed.core.crop.Grade;
import theriseed.core.lot.SaleGate.Reason;

/**
 * One thing that stands against selling a lot, with the figures that show it. What it says in words, and what would settle
 * it, stands in the catalogue of sentences.
 */
public sealed interface Finding {
    Reason reason();

    /**
     * The figures on which a decision about it rests, as precisely as they are told: what an overruling counts for. What
     * only says how it could be settled is not among them.
     */
    default List<Object> decisive() {
        return List.of();
    }

    /** Whether who overruled this overruled that too: it is the same question, or there is less of it. */
    default boolean covers(Finding other) {
        return reason() == other.reason() && decisive().equals(other.decisive());
    }

    record OwnUseOnly() implements Finding {
        @Override
        public Reason reason() {
            return Reason.OWN_USE_ONLY;
        }
    }

    /** Too near to what it crosses with, for that grade. */
    record Crosses(Grade grade) implements Finding {
        @Override
        public Reason reason() {
            return Reason.ISOLATION_FAILED;
        }

        @Override
        public List<Object> decisive() {
            return List.of(grade);
        }
    }

    /** @param plants whose seed is in it, and {@code needed} by its grade */
    record TooFewMothers(int plants, Grade grade, int needed) implements Finding {
        @Override
        public Reason reason() {
            return Reason.TOO_FEW_MOTHERS;
        }

        @Override
        public List<Object> decisive() {
            return List.of(plants, grade, needed);
        }
    }

    /**
     * @param standing whether its plants still stand to be looked at
     * @param growOut plants of it that would show it, grown out without an off-type among them; 0 where it has too few seeds
     */
    record NotWalked(boolean standing, int growOut) implements Finding {
        @Override
        public Reason reason() {
            return Reason.NOT_WALKED;
        }
    }

    /**
     * @param upper share of off-types that may still stand, 95 % limit
     * @param allowed share by its grade
     * @param more plants to look at without finding any, while they stand; 0 where only a further whole walk would show it
     * @param growOut plants of it that would show it, grown out without an off-type among them; 0 where it has too few seeds
     */
    record OffTypesNotShown(double upper, double allowed, Grade grade, int more, boolean standing, int growOut)
            implements Finding {
        @Override
        public Reason reason() {
            return Reason.OFF_TYPES_NOT_SHOWN;
        }

        @Override
        public List<Object> decisive() {
            return List.of(told(100 * upper), told(100 * allowed), grade);
        }

        @Override
        public boolean covers(Finding other) {
            return other instanceof OffTypesNotShown now
                    && told(100 * now.upper).compareTo(told(100 * upper)) <= 0
                    && told(100 * now.allowed).equals(told(100 * allowed))
                    && now.grade == grade;
        }
    }

    /** @param found share of off-types to expect among what stands, and {@code allowed} by its grade */
    record OffTypesOver(double found, double allowed, Grade grade) implements Finding {
        @Override
        public Reason reason() {
            return Reason.OFF_TYPES_OVER;
        }

        @Override
        public List<Object> decisive() {
            return List.of(told(100 * found), told(100 * allowed), grade);
        }

        @Override
        public boolean covers(Finding other) {
            return other instanceof OffTypesOver now
                    && told(100 * now.found).compareTo(told(100 * found)) <= 0
                    && told(100 * now.allowed).equals(told(100 * allowed))
                    && now.grade == grade;
        }
    }

    /**
     * Of a sample that was grown out.
     *
     * @param found share of off-types among so many {@code plants}, and {@code allowed} by its grade
     */
    record GrownOutOver(double found, int plants, double allowed, Grade grade) implements Finding {
        @Override
        public Reason reason() {
            return Reason.OFF_TYPES_OVER;
        }

        @Override
        public List<Object> decisive() {
            return List.of(told(100 * found), plants, told(100 * allowed), grade);
        }
    }

    /** An off-type shed pollen among its mother plants. */
    record ShedUndecided() implements Finding {
        @Override
        public Reason reason() {
            return Reason.SHED_UNDECIDED;
        }
    }

    /** None of it is left: all went into other lots. */
    record AllTransferred() implements Finding {
        @Override
        public Reason reason() {
            return Reason.ALL_TRANSFERRED;
        }
    }

    record NotClean() implements Finding {
        @Override
        public Reason reason() {
            return Reason.NOT_CLEAN;
        }
    }

    /**
     * Damp seed that will have fallen below its standard while its test still counts.
     *
     * @param moisture percent, and percent its {@code storage} asks
     */
    record AgesTooFast(double moisture, double storage, LocalDate below) implements Finding {
        @Override
        public Reason reason() {
            return Reason.NOT_DRY;
        }

        @Override
        public List<Object> decisive() {
            return List.of(told(moisture), below);
        }

        @Override
        public boolean covers(Finding other) {
            return other instanceof AgesTooFast now
                    && told(now.moisture).compareTo(told(moisture)) <= 0
                    && !now.below.isBefore(below);
        }
    }

    /** @param moisture percent, and percent its {@code storage} asks */
    record TooDamp(double moisture, double storage) implements Finding {
        @Override
        public Reason reason() {
            return Reason.NOT_DRY;
        }

        @Override
        public List<Object> decisive() {
            return List.of(told(moisture));
        }
    }

    /** @param storage percent that sealed packs ask for */
    record DrynessUnknown(double storage) implements Finding {
        @Override
        public Reason reason() {
            return Reason.DRYNESS_UNKNOWN;
        }
    }

    /** Nobody tested it since. @param celsius of the hottest air, and &deg;C it {@code bears}, for so many hours */
    record Heated(double celsius, double bears, long hours) implements Finding {
        @Override
        public Reason reason() {
            return Reason.HEATED;
        }

        @Override
        public List<Object> decisive() {
            return List.of(told(celsius), told(bears), hours);
        }
    }

    /** @param bored share of the seed looked at on that day; frozen so many days, at so many °C or colder, they die */
    record Weevils(double bored, LocalDate on, int daysToFreeze, double freezerC) implements Finding {
        @Override
        public Reason reason() {
            return Reason.WEEVILS;
        }
    }

    /** Bored seed was frozen, and nobody looked yet whether some live on. @param bored share of the seed; {@code due} when to look */
    record SecondLook(double bored, LocalDate due) implements Finding {
        @Override
        public Reason reason() {
            return Reason.SECOND_LOOK;
        }

        @Override
        public List<Object> decisive() {
            return List.of(told(bored), due);
        }
    }

    /**
     * Percent by weight.
     *
     * @param pure seed of the crop, and {@code needed} at least
     * @param others seed of other crops, and {@code othersAllowed} at most
     * @param weeds seed of weeds, and {@code weedsAllowed} at most
     */
    record NotPure(double pure, double needed, double others, double othersAllowed, double weeds, double weedsAllowed)
            implements Finding {
        @Override
        public Reason reason() {
            return Reason.NOT_PURE;
        }

        @Override
        public List<Object> decisive() {
            return List.of(told(pure), told(others), told(weeds));
        }
    }

    /** @param all whether there is so little that all of it is counted and weighed */
    record NotWeighed(boolean all) implements Finding {
        @Override
        public Reason reason() {
            return Reason.SEED_WEIGHT_UNKNOWN;
        }
    }

    /** @param variation of the weights, percent, and percent {@code allowed} */
    record WeightsDisagree(double variation, double allowed) implements Finding {
        @Override
        public Reason reason() {
            return Reason.SEED_WEIGHT_UNEVEN;
        }

        @Override
        public List<Object> decisive() {
            return List.of(told(variation), told(allowed));
        }
    }

    /** @param days from setting a test to its last count; {@code sample} seeds to be set, 400 where there are enough */
    record NotTested(int days, int sample) implements Finding {
        @Override
        public Reason reason() {
            return Reason.UNTESTED;
        }
    }

    /** @param apart percentage points between the best and the worst replicate, and points {@code allowed} */
    record ReplicatesDisagree(double apart, double allowed, LocalDate on) implements Finding {
        @Override
        public Reason reason() {
            return Reason.REPLICATES_DISAGREE;
        }

        @Override
        public List<Object> decisive() {
            return List.of(told(apart), told(allowed), on);
        }
    }

    /** @param lasts days for which a test counts */
    record TestRunOut(LocalDate on, int lasts) implements Finding {
        @Override
        public Reason reason() {
            return Reason.TEST_RUN_OUT;
        }

        @Override
        public List<Object> decisive() {
            return List.of(on);
        }
    }

    /** @param germination percent, and percent {@code needed} by its grade */
    record BelowStandard(int germination, Grade grade, double needed) implements Finding {
        @Override
        public Reason reason() {
            return Reason.BELOW_STANDARD;
        }

        @Override
        public List<Object> decisive() {
            return List.of(germination, grade, told(needed));
        }
    }

    /**
     * @param germination percent of {@code seeds} tested
     * @param needed percent by its grade
     * @param least percent the lot may germinate, 95 % limit
     * @param sample seeds to be set, 400 where there are enough
     */
    record TooFewTested(int germination, int seeds, double needed, int least, int sample) implements Finding {
        @Override
        public Reason reason() {
            return Reason.TOO_FEW_TESTED;
        }

        @Override
        public List<Object> decisive() {
            return List.of(germination, seeds, told(needed), least);
        }
    }

    /** Too few seeds for a test to count, whatever came up. @param least seeds from which one does */
    record TestTooSmall(int seeds, int least) implements Finding {
        @Override
        public Reason reason() {
            return Reason.TOO_FEW_TESTED;
        }

        @Override
        public List<Object> decisive() {
            return List.of(seeds);
        }
    }

    record OnHold(String why) implements Finding {
        @Override
        public Reason reason() {
            return Reason.ON_HOLD;
        }
    }

    /** Two figures that tell, three from ten on: what differs less is the same finding. */
    private static BigDecimal told(double value) {
        return new BigDecimal(value)
                .round(new MathContext(Math.abs(value) >= 10 ? 3 : 2))
                .stripTrailingZeros();
    }
}
