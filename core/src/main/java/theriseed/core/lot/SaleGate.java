package theriseed.core.lot;

import java.math.BigDecimal;
import java.math.MathContext;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import theriseed.core.crop.Crop;
import theriseed.core.crop.Grade;
import theriseed.core.isolation.Verdict;
import theriseed.core.population.PopulationPlan;
import theriseed.core.quality.BoredSeed;
import theriseed.core.quality.GerminationTest;
import theriseed.core.quality.SeedWeight;
import theriseed.core.roguing.WalkVerdict;

/**
 * Whether a lot may be sold, and everything that stands against it. Seed law, plant health rules and labels differ by
 * country: it defers to the local authority and certifies nothing.
 *
 * @param against all that holds it back, in the order of the work; none when it may be sold
 * @param cautions worth knowing, but holding nothing back
 */
public record SaleGate(List<Against> against, List<Caution> cautions) {
    /** What holds a lot back. */
    public enum Reason {
        OWN_USE_ONLY("grown for own use only", false),
        ISOLATION_FAILED("too near to what it crosses with", true),
        TOO_FEW_MOTHERS("too few mother plants", true),
        NOT_WALKED("nobody walked the rows", true),
        OFF_TYPES_NOT_SHOWN("too few plants looked at to show it is true", true),
        OFF_TYPES_OVER("more off-types than its grade lets pass", true),
        SHED_UNDECIDED("an off-type shed pollen in it, and nothing is decided about the seed", false),
        NOT_CLEAN("not clean yet", false),
        NOT_DRY("too damp to store", true),
        WEEVILS("weevils in it", false),
        SEED_WEIGHT_UNKNOWN("seed weight not taken", true),
        SEED_WEIGHT_UNEVEN("seed weights disagree", true),
        UNTESTED("germination not tested", true),
        REPLICATES_DISAGREE("germination replicates disagree", true),
        TOO_FEW_TESTED("too few seeds tested to show the standard", true),
        TEST_RUN_OUT("germination test is over a year old", true),
        BELOW_STANDARD("germinates below the standard", true),
        ON_HOLD("on hold", false);

        private final String words;
        private final boolean judgement;

        Reason(String words, boolean judgement) {
            this.words = words;
            this.judgement = judgement;
        }

        /** What a grower says of it. */
        public String words() {
            return words;
        }

        /** Whether a grower may overrule it; what is merely not done or not decided yet is done or decided instead. */
        public boolean mayBeOverruled() {
            return judgement;
        }
    }

    /**
     * One thing that stands against a lot.
     *
     * @param finding with its figures; the same for as long as nothing new is found
     * @param settle what would settle it
     */
    public record Against(Reason reason, String finding, String settle) {}

    /** What is worth knowing before selling. */
    public enum Caution {
        ISOLATION_TIGHT,
        FEW_PLANTS,
        WEEVILS_NOT_LOOKED_FOR,
        STANDARD_NOT_SHOWN,
        SORTED_SINCE_TEST
    }

    /** Days a germination test is relied on for sale when the local rule says nothing else. */
    public static final int TEST_LASTS_DAYS = 365;

    /** Seeds from which a test that reaches the standard is taken at its word; a smaller one must show it. */
    private static final int ENOUGH_TESTED = 200;

    /** The table's storage moisture is for sealed packs; open or in paper, seed settles up to this much above it. */
    private static final double OPEN_STORE_POINTS = 5;

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM uuuu", Locale.ENGLISH);

    /**
     * What is known of a lot.
     *
     * @param grade it would be sold at
     * @param isolation at that grade, as it turned out in the season
     * @param plantsPicked plants whose seed is in it
     * @param walks what the last stage's walks showed at that grade, if anyone walked
     * @param standing whether its plants still stand to be looked at
     * @param shedUndecided whether an off-type shed pollen among them and nobody decided about the seed
     * @param clean whether every step of its chain is done
     * @param moisture percent when last measured
     * @param weevils what the last look for them says; none where nobody looked
     * @param weight thousand-seed weight, once counted
     * @param germination last test, once counted
     * @param testedOn day on which it was counted
     * @param sortedSince whether some of the seed was sorted out after the sample for it was drawn
     * @param hold why it is on hold; none when it is not
     */
    public record Known(
            Grade grade,
            Crop crop,
            Verdict isolation,
            int plantsPicked,
            Optional<WalkVerdict> walks,
            boolean standing,
            boolean shedUndecided,
            boolean clean,
            OptionalDouble moisture,
            Optional<BoredSeed> weevils,
            Optional<SeedWeight> weight,
            Optional<GerminationTest> germination,
            Optional<LocalDate> testedOn,
            boolean sortedSince,
            LocalDate today,
            Optional<String> hold) {}

    public static SaleGate of(Known lot) {
        Judge judge = new Judge(lot);
        judge.rows();
        judge.bench();
        judge.tests();
        lot.hold()
                .ifPresent(why -> judge.against(Reason.ON_HOLD, "on hold: " + why, "release it once that is settled"));
        return new SaleGate(List.copyOf(judge.against), List.copyOf(judge.cautions));
    }

    public boolean mayBeSold() {
        return against.isEmpty();
    }

    /** Each reason, in the order of the work. */
    public List<Reason> reasons() {
        return against.stream().map(Against::reason).toList();
    }

    /** Goes through a lot's life and collects. */
    private static final class Judge {
        private final Known lot;
        private final String grade;
        private final List<Against> against = new ArrayList<>();
        private final List<Caution> cautions = new ArrayList<>();

        Judge(Known lot) {
            this.lot = lot;
            this.grade = lot.grade().words();
        }

        void rows() {
            if (lot.grade() == Grade.OWN_USE) {
                against(Reason.OWN_USE_ONLY, "grown for own use only", "nothing now; grow the next for a higher grade");
            }
            if (lot.isolation() == Verdict.CROSSES) {
                against(
                        Reason.ISOLATION_FAILED,
                        "too near to what it crosses with, for " + grade + " grade",
                        "nothing, for this seed: a lower grade, or grown farther away next time");
            }
            caution(lot.isolation() == Verdict.TIGHT, Caution.ISOLATION_TIGHT);
            int asked = (int) lot.crop().plants().of(lot.grade());
            switch (PopulationPlan.mark(lot.plantsPicked(), asked)) {
                case CLEAR -> {}
                case TIGHT -> cautions.add(Caution.FEW_PLANTS);
                case SHORT ->
                    against(
                            Reason.TOO_FEW_MOTHERS,
                            "picked from " + many(lot.plantsPicked(), "plant") + "; " + grade + " grade asks " + asked,
                            "a lower grade, or pouring it together with seed of other plants of the variety");
            }
            if (lot.walks().isEmpty()) {
                against(
                        Reason.NOT_WALKED,
                        "nobody walked the rows",
                        lot.standing() ? "walk them" : "nothing now: the plants are gone; grow out a sample");
            }
            lot.walks().ifPresent(this::walks);
            if (lot.shedUndecided()) {
                against(
                        Reason.SHED_UNDECIDED,
                        "an off-type shed pollen in it, and nothing is decided about the seed",
                        "decide about the seed near it");
            }
        }

        private void walks(WalkVerdict walks) {
            String pass = " off-types; " + grade + " grade lets " + percent(walks.tolerance()) + " pass";
            switch (walks.mark()) {
                case SHOWN -> {}
                case NOT_YET ->
                    against(
                            Reason.OFF_TYPES_NOT_SHOWN,
                            "there may be up to " + percent(walks.limit().upper()) + pass,
                            lot.standing()
                                    ? "look at " + walks.more() + " more without finding any"
                                    : "a lower grade, or growing out a sample: the plants are gone");
                case OVER ->
                    against(
                            Reason.OFF_TYPES_OVER,
                            percent(walks.limit().estimate()) + pass,
                            "a lower grade; or use it yourself");
            }
        }

        void bench() {
            if (!lot.clean()) {
                against(Reason.NOT_CLEAN, "not clean yet", "finish its steps at the bench");
            }
            if (tooDamp()) {
                against(
                        Reason.NOT_DRY,
                        lot.moisture().getAsDouble() + " % moist when last measured",
                        "dry it to " + plain(lot.crop().storageMoisture().orElseThrow()) + " % and measure again");
            }
            lot.weevils().ifPresent(look -> {
                if (look.next() == BoredSeed.Next.FREEZE) {
                    against(
                            Reason.WEEVILS,
                            percent(look.share()) + " of the seed bored on " + DAY.format(look.due()),
                            "freeze it " + BoredSeed.DAYS_FROZEN + " days at -18 \u00b0C or colder, then look again");
                }
            });
            caution(lot.weevils().isEmpty() && BoredSeed.ofFamily(lot.crop().family()), Caution.WEEVILS_NOT_LOOKED_FOR);
        }

        void tests() {
            if (lot.weight().isEmpty()) {
                against(Reason.SEED_WEIGHT_UNKNOWN, "seed weight not taken", "weigh 8 times 100 seeds");
            }
            lot.weight()
                    .filter(weight -> !weight.accepted())
                    .ifPresent(weight -> against(
                            Reason.SEED_WEIGHT_UNEVEN,
                            "seed weights spread " + plain(weight.cv()) + " %, " + plain(weight.limit())
                                    + " % let pass",
                            "mix it well and weigh 8 more"));
            if (lot.germination().isEmpty()) {
                against(
                        Reason.UNTESTED,
                        "germination not tested",
                        "set 4 times 100 seeds; the last count is after "
                                + lot.crop().finalCountDay() + " days");
            }
            lot.germination().ifPresent(this::germination);
        }

        private void germination(GerminationTest test) {
            LocalDate on = lot.testedOn().orElseThrow();
            if (!test.acceptable()) {
                against(
                        Reason.REPLICATES_DISAGREE,
                        "germination replicates " + plain(test.range()) + " points apart on " + DAY.format(on) + ", "
                                + plain(test.toleratedRange()) + " let pass",
                        "test again");
            }
            if (on.plusDays(TEST_LASTS_DAYS).isBefore(lot.today())) {
                against(
                        Reason.TEST_RUN_OUT,
                        "germination last counted on " + DAY.format(on) + "; it counts for " + TEST_LASTS_DAYS
                                + " days",
                        "test again");
            }
            double standard = lot.grade().germinationAsked(lot.crop().germinationStandard());
            if (test.reported() < standard) {
                against(
                        Reason.BELOW_STANDARD,
                        "germinates " + test.reported() + " %; " + grade + " grade asks " + plain(standard) + " %",
                        "clean the light seed out and test again; dormant seed needs its treatment first");
            }
            boolean notShown = test.reported() >= standard && test.lowerOneSided() < standard;
            if (notShown && test.seeds() < ENOUGH_TESTED) {
                against(
                        Reason.TOO_FEW_TESTED,
                        test.reported() + " % of " + test.seeds() + " seeds germinated: too few to show "
                                + plain(standard) + " %; it may be as little as "
                                + (int) Math.floor(test.lowerOneSided()) + " %",
                        "test 4 times 100 seeds");
            }
            caution(notShown && test.seeds() >= ENOUGH_TESTED, Caution.STANDARD_NOT_SHOWN);
            caution(lot.sortedSince(), Caution.SORTED_SINCE_TEST);
        }

        private boolean tooDamp() {
            return lot.moisture().isPresent()
                    && lot.crop().storageMoisture().isPresent()
                    && lot.moisture().getAsDouble()
                            > lot.crop().storageMoisture().getAsDouble() + OPEN_STORE_POINTS;
        }

        void against(Reason reason, String finding, String settle) {
            against.add(new Against(reason, finding, settle));
        }

        private void caution(boolean holds, Caution caution) {
            if (holds) {
                cautions.add(caution);
            }
        }
    }

    private static String many(int count, String what) {
        return count + " " + what + (count == 1 ? "" : "s");
    }

    private static String percent(double share) {
        return plain(100 * share) + " %";
    }

    /** Two figures that tell, without zeros behind. */
    private static String plain(double value) {
        return new BigDecimal(value)
                .round(new MathContext(Math.abs(value) >= 10 ? 3 : 2))
                .stripTrailingZeros()
                .toPlainString();
    }
}
