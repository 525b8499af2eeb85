package theriseed.core.lot;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import theriseed.core.crop.Crop;
import theriseed.core.crop.Grade;
import theriseed.core.crop.PurityStandard;
import theriseed.core.drying.Dryness;
import theriseed.core.drying.Overheated;
import theriseed.core.drying.SeedMoisture;
import theriseed.core.isolation.Verdict;
import theriseed.core.population.PopulationPlan;
import theriseed.core.quality.BoredSeed;
import theriseed.core.quality.GerminationResult;
import theriseed.core.quality.GrowOut;
import theriseed.core.quality.PurityResult;
import theriseed.core.quality.SeedWeight;
import theriseed.core.roguing.WalkVerdict;

/**
 * Whether a lot may be sold, and everything that stands against it. Seed law, plant health rules and labels differ by
 * country: it defers to the local authority and certifies nothing.
 *
 * @param against all that holds it back, in the order of the work; none when it may be sold
 * @param cautions worth knowing, but holding nothing back
 */
public record SaleGate(List<Finding> against, List<Caution> cautions) {
    /** What holds a lot back. */
    public enum Reason {
        OWN_USE_ONLY(false),
        ISOLATION_FAILED(true),
        TOO_FEW_MOTHERS(true),
        NOT_WALKED(true),
        OFF_TYPES_NOT_SHOWN(true),
        OFF_TYPES_OVER(true),
        SHED_UNDECIDED(false),
        ALL_TRANSFERRED(false),
        NOT_CLEAN(false),
        NOT_DRY(true),
        DRYNESS_UNKNOWN(true),
        HEATED(true),
        WEEVILS(false),
        SECOND_LOOK(true),
        NOT_PURE(true),
        SEED_WEIGHT_UNKNOWN(true),
        SEED_WEIGHT_UNEVEN(true),
        UNTESTED(true),
        REPLICATES_DISAGREE(true),
        TOO_FEW_TESTED(true),
        TEST_RUN_OUT(true),
        BELOW_STANDARD(true),
        ON_HOLD(false);

        private final boolean judgement;

        Reason(boolean judgement) {
            this.judgement = judgement;
        }

        /** Whether seed sown of the lot has it too: what crossed or was not true, and what lives in the seed. */
        public boolean inherited() {
            return switch (this) {
                case ISOLATION_FAILED, OFF_TYPES_OVER, SHED_UNDECIDED, WEEVILS -> true;
                default -> false;
            };
        }

        /** Whether a grower may overrule it; what is merely not done or not decided yet is done or decided instead. */
        public boolean mayBeOverruled() {
            return judgement;
        }
    }

    /** What is worth knowing before selling. */
    public enum Caution {
        ISOLATION_TIGHT,
        FEW_PLANTS,
        SICK_PLANTS,
        PICKED_EARLY,
        WEEVILS_NOT_LOOKED_FOR,
        PURITY_NOT_TESTED,
        NOT_SEEN_GROWING,
        DRIED_TOO_HOT,
        DAMP_FOR_SEALING,
        STANDARD_NOT_SHOWN,
        SORTED_SINCE_TEST,
        BREEDING_OUT
    }

    /** Days a germination test is relied on for sale when the local rule says nothing else. */
    public static final int TEST_LASTS_DAYS = 365;

    /** Seeds from which a test that reaches the standard is taken at its word; a smaller one must show it. */
    private static final int ENOUGH_TESTED = 200;

    /**
     * Seeds below which no test is taken at its word, however many of them came up: so few come from one handful, and tell
     * of that. A convention.
     */
    private static final int LEAST_TESTED = 50;

    /** Seeds of a full germination test, and of a full weighing. */
    private static final int FULL_TEST = 400;

    private static final int FULL_WEIGHING = 800;

    /** Of a lot too small for a full test the test takes one seed in so many, and counts if it took no fewer. A convention. */
    private static final int PART_TESTED = 3;

    /** The table's storage moisture is for sealed packs; open or in paper, seed settles up to this much above it. */
    private static final double OPEN_STORE_POINTS = 5;

    /**
     * What is known of a lot.
     *
     * @param grade it would be sold at
     * @param seenGrowing whether it was picked from a planting of these records; of other seed nothing is known of its rows
     * @param isolation at that grade, as it turned out in the season
     * @param plantsPicked plants whose seed is in it
     * @param walks what the last stage's walks showed at that grade, if anyone walked
     * @param standing whether its plants still stand to be looked at
     * @param shedUndecided whether an off-type shed pollen among them and nobody decided about the seed
     * @param transferred whether all of it went into other lots
     * @param clean whether every step of its chain is done
     * @param moisture of its seed now, as far as it is known
     * @param below day on which it falls below its standard where it stands, by the middle of the forecast; none where that
     *     is far off or cannot be told
     * @param heated whether it was dried in warmer air than it bears, and {@code heatedSince} whether that was after the
     *     sample for its last germination test was drawn, or there is none
     * @param weevils what the last look for them says; none where nobody looked
     * @param purity last test of it that is valid
     * @param grownOut last sample of it that was grown out, if one was
     * @param seeds about so many are in it; none while that cannot be told
     * @param weight thousand-seed weight, once counted
     * @param germination last test, once counted
     * @param testedOn day on which it was counted
     * @param sick whether too many of its mother plants were sick
     * @param pickedEarly whether some was picked long before it can have been ripe
     * @param sortedSince whether some of the seed was sorted out after the sample for it was drawn
     * @param breedingOut whether its variety is a line that is still bred out of a hybrid
     * @param hold why it is on hold; none when it is not
     */
    public record Known(
            Grade grade,
            Crop crop,
            boolean seenGrowing,
            Verdict isolation,
            int plantsPicked,
            Optional<WalkVerdict> walks,
            boolean standing,
            boolean shedUndecided,
            boolean sick,
            boolean pickedEarly,
            boolean transferred,
            boolean clean,
            Optional<SeedMoisture> moisture,
            Optional<LocalDate> below,
            Optional<Overheated> heated,
            boolean heatedSince,
            Optional<BoredSeed> weevils,
            Optional<PurityResult> purity,
            Optional<GrowOut> grownOut,
            OptionalInt seeds,
            Optional<SeedWeight> weight,
            Optional<GerminationResult> germination,
            Optional<LocalDate> testedOn,
            boolean sortedSince,
            boolean breedingOut,
            LocalDate today,
            Optional<String> hold) {}

    public static SaleGate of(Known lot) {
        Judge judge = new Judge(lot);
        judge.rows();
        if (lot.transferred()) {
            judge.against.add(new Finding.AllTransferred());
        } else {
            judge.bench();
            judge.tests();
        }
        lot.hold().ifPresent(why -> judge.against.add(new Finding.OnHold(why)));
        return new SaleGate(List.copyOf(judge.against), List.copyOf(judge.cautions));
    }

    public boolean mayBeSold() {
        return against.isEmpty();
    }

    /** Each reason, in the order of the work. */
    public List<Reason> reasons() {
        return against.stream().map(Finding::reason).toList();
    }

    /** Goes through a lot's life and collects. */
    private static final class Judge {
        private final Known lot;
        private final List<Finding> against = new ArrayList<>();
        private final List<Caution> cautions = new ArrayList<>();

        /** What a sample that was grown out shows of its off-types. */
        private final GrowOut.Shows grownTrue;

        /** Seeds in it; as good as without end while nobody can tell. */
        private final int seeds;

        Judge(Known lot) {
            this.lot = lot;
            this.seeds = lot.seeds().orElse(Integer.MAX_VALUE);
            this.grownTrue = lot.grownOut().map(grown -> grown.at(lot.grade())).orElse(GrowOut.Shows.NOTHING);
        }

        void rows() {
            if (lot.grade() == Grade.OWN_USE) {
                against.add(new Finding.OwnUseOnly());
            }
            caution(!lot.seenGrowing() && grownTrue != GrowOut.Shows.WITHIN, Caution.NOT_SEEN_GROWING);
            if (grownTrue == GrowOut.Shows.OVER) {
                GrowOut grown = lot.grownOut().orElseThrow();
                against.add(new Finding.GrownOutOver(
                        grown.share(), grown.plants(), lot.grade().offTypesAllowed(), lot.grade()));
            }
            if (lot.seenGrowing()) {
                stood();
            }
            caution(lot.pickedEarly(), Caution.PICKED_EARLY);
            caution(lot.breedingOut(), Caution.BREEDING_OUT);
        }

        private void stood() {
            if (lot.isolation() == Verdict.CROSSES) {
                against.add(new Finding.Crosses(lot.grade()));
            }
            caution(lot.isolation() == Verdict.TIGHT, Caution.ISOLATION_TIGHT);
            int needed = (int) lot.crop().plants().of(lot.grade());
            switch (PopulationPlan.mark(lot.plantsPicked(), needed)) {
                case CLEAR -> {}
                case TIGHT -> cautions.add(Caution.FEW_PLANTS);
                case SHORT -> against.add(new Finding.TooFewMothers(lot.plantsPicked(), lot.grade(), needed));
            }
            if (grownTrue == GrowOut.Shows.NOTHING) {
                if (lot.walks().isEmpty()) {
                    against.add(new Finding.NotWalked(lot.standing(), growOut()));
                }
                lot.walks().ifPresent(this::walks);
            }
            caution(lot.sick(), Caution.SICK_PLANTS);
            if (lot.shedUndecided()) {
                against.add(new Finding.ShedUndecided());
            }
        }

        private int growOut() {
            int plants = GrowOut.enough(lot.grade());
            return plants < seeds ? plants : 0;
        }

        private void walks(WalkVerdict walks) {
            switch (walks.mark()) {
                case SHOWN -> {}
                case NOT_YET ->
                    against.add(new Finding.OffTypesNotShown(
                            walks.upper(), walks.tolerance(), lot.grade(), walks.more(), lot.standing(), growOut()));
                case OVER -> against.add(new Finding.OffTypesOver(walks.share(), walks.tolerance(), lot.grade()));
            }
        }

        void bench() {
            if (!lot.clean()) {
                against.add(new Finding.NotClean());
            }
            if (lot.clean()) {
                lot.crop().storageMoisture().ifPresent(this::dryness);
            }
            lot.heated().ifPresent(heat -> {
                if (lot.heatedSince()) {
                    against.add(new Finding.Heated(heat.celsius(), heat.bears(), Math.round(heat.hours())));
                } else {
                    cautions.add(Caution.DRIED_TOO_HOT);
                }
            });
            lot.weevils()
                    .filter(look -> look.next() == BoredSeed.Next.FREEZE)
                    .ifPresent(look -> against.add(
                            new Finding.Weevils(look.share(), look.due(), BoredSeed.DAYS_FROZEN, BoredSeed.FREEZER_C)));
            lot.weevils()
                    .filter(look -> look.next() == BoredSeed.Next.LOOK_AGAIN)
                    .ifPresent(look -> against.add(new Finding.SecondLook(look.share(), look.due())));
            caution(lot.weevils().isEmpty() && BoredSeed.ofFamily(lot.crop().family()), Caution.WEEVILS_NOT_LOOKED_FOR);
        }

        /** Whoever buys seed for its own sake asks first what else is in it. */
        private void purity() {
            Optional<PurityStandard> standard = lot.crop().handling().purity();
            caution(standard.isPresent() && lot.purity().isEmpty(), Caution.PURITY_NOT_TESTED);
            if (standard.isEmpty() || lot.purity().isEmpty()) {
                return;
            }
            PurityResult found = lot.purity().get();
            PurityStandard asked = standard.get();
            if (found.pure() < asked.pure() || found.other() > asked.otherCrops() || found.weed() > asked.weeds()) {
                against.add(new Finding.NotPure(
                        found.pure(), asked.pure(), found.other(), asked.otherCrops(), found.weed(), asked.weeds()));
            }
        }

        void tests() {
            purity();
            if (lot.weight().isEmpty()) {
                against.add(new Finding.NotWeighed(seeds < FULL_WEIGHING));
            }
            lot.weight()
                    .filter(weight -> !weight.accepted())
                    .ifPresent(weight -> against.add(new Finding.WeightsDisagree(weight.cv(), weight.limit())));
            if (lot.germination().isEmpty() && lot.heated().isEmpty()) {
                against.add(new Finding.NotTested(lot.crop().finalCountDay(), sample()));
            }
            lot.germination().ifPresent(this::germination);
        }

        private void germination(GerminationResult test) {
            LocalDate on = lot.testedOn().orElseThrow();
            if (!test.acceptable()) {
                against.add(new Finding.ReplicatesDisagree(test.range(), test.toleratedRange(), on));
            }
            if (on.plusDays(TEST_LASTS_DAYS).isBefore(lot.today())) {
                against.add(new Finding.TestRunOut(on, TEST_LASTS_DAYS));
            }
            double needed = lot.grade().germinationAsked(lot.crop().germinationStandard());
            if (test.reported() < needed) {
                against.add(new Finding.BelowStandard(test.reported(), lot.grade(), needed));
            }
            boolean notShown = test.reported() >= needed && test.lowerOneSided() < needed;
            if (notShown && test.seeds() < ENOUGH_TESTED) {
                against.add(new Finding.TooFewTested(
                        test.reported(), test.seeds(), needed, (int) Math.floor(test.lowerOneSided()), sample()));
            }
            int least = Math.min(LEAST_TESTED, Math.max(GerminationResult.LEAST_ON_A_SHEET, seeds / PART_TESTED));
            if (!notShown && test.seeds() < least) {
                against.add(new Finding.TestTooSmall(test.seeds(), least));
            }
            caution(notShown && test.seeds() >= ENOUGH_TESTED, Caution.STANDARD_NOT_SHOWN);
            caution(lot.sortedSince(), Caution.SORTED_SINCE_TEST);
        }

        /** Seeds to set for a test: four hundred, of a small lot a third of what there is. */
        private int sample() {
            return Math.min(FULL_TEST, Math.max(GerminationResult.LEAST_ON_A_SHEET, seeds / PART_TESTED));
        }

        /** @param storage percent that sealed packs ask for */
        private void dryness(double storage) {
            if (lot.moisture().isEmpty()) {
                against.add(new Finding.DrynessUnknown(storage));
                return;
            }
            SeedMoisture known = lot.moisture().get();
            double moisture = known.percent();
            double surely = known.by() == SeedMoisture.By.MEASURED ? moisture : known.low();
            boolean damp = Dryness.toSeal(lot.crop(), lot.moisture()) == Dryness.TOO_DAMP;
            Optional<LocalDate> below = lot.below().filter(day -> damp && day.isBefore(lastsUntil()));
            if (surely > storage + OPEN_STORE_POINTS) {
                against.add(new Finding.TooDamp(moisture, storage));
            } else if (below.isPresent()) {
                against.add(new Finding.AgesTooFast(moisture, storage, below.get()));
            } else {
                caution(damp, Caution.DAMP_FOR_SEALING);
            }
        }

        /** Whoever buys it may rely on its test until then. */
        private LocalDate lastsUntil() {
            return lot.testedOn().orElse(lot.today()).plusDays(TEST_LASTS_DAYS);
        }

        private void caution(boolean holds, Caution caution) {
            if (holds) {
                cautions.add(caution);
            }
        }
    }
}
