package theriseed.core.lot;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.RecordComponent;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import theriseed.core.crop.Crop;
import theriseed.core.crop.CropTable;
import theriseed.core.crop.Grade;
import theriseed.core.drying.Overheated;
import theriseed.core.drying.SeedMoisture;
import theriseed.core.isolation.Verdict;
import theriseed.core.lot.SaleGate.Caution;
import theriseed.core.lot.SaleGate.Known;
import theriseed.core.lot.SaleGate.Reason;
import theriseed.core.quality.BoredSeed;
import theriseed.core.quality.GerminationResult;
import theriseed.core.quality.GrowOut;
import theriseed.core.quality.PurityResult;
import theriseed.core.quality.SeedWeight;
import theriseed.core.roguing.Pass;
import theriseed.core.roguing.WalkVerdict;

class SaleGateTest {
    private static final Crop KALE = CropTable.shipped().find("kale").orElseThrow();
    private static final SeedWeight EVEN = SeedWeight.of(0.38, 0.39, 0.38, 0.37);
    private static final SeedWeight UNEVEN = SeedWeight.of(0.38, 0.59, 0.38, 0.27);

    private static final PurityResult PURE = PurityResult.of(10, 9.9, 0, 0, 0.1);

    private static final LocalDate TESTED = LocalDate.of(2026, 1, 10);

    private static Known kale(Grade grade, Verdict isolation, GerminationResult test, long age, boolean hold) {
        return new Known(
                grade,
                KALE,
                true,
                isolation,
                120,
                Optional.of(WalkVerdict.of(grade, 400, List.of(Pass.of(400, 0, 0, 0.9), Pass.of(400, 0, 0, 0.9)))),
                true,
                false,
                false,
                false,
                false,
                true,
                measured(KALE.storageMoisture().orElseThrow()),
                Optional.empty(),
                Optional.empty(),
                false,
                Optional.empty(),
                Optional.of(PURE),
                Optional.empty(),
                OptionalInt.empty(),
                Optional.of(EVEN),
                Optional.of(test),
                Optional.of(TESTED),
                false,
                false,
                TESTED.plusDays(age),
                hold ? Optional.of("a label came off") : Optional.empty());
    }

    @Test
    void aGoodLotPasses() {
        SaleGate gate =
                SaleGate.of(kale(Grade.MARKET, Verdict.CLEAR, GerminationResult.of(100, 91, 88, 90, 92), 20, false));
        assertThat(gate.mayBeSold()).isTrue();
        assertThat(gate.cautions()).isEmpty();
    }

    @Test
    void whatIsNotDoneOrDecidedIsDoneOrDecidedAndNotOverruled() {
        assertThat(Arrays.stream(Reason.values()).filter(reason -> !reason.mayBeOverruled()))
                .containsExactlyInAnyOrder(
                        Reason.OWN_USE_ONLY,
                        Reason.SHED_UNDECIDED,
                        Reason.ALL_TRANSFERRED,
                        Reason.NOT_CLEAN,
                        Reason.WEEVILS,
                        Reason.ON_HOLD);
    }

    /** Kale keeps in a sealed pack at its storage moisture; open, up to five points above that are allowed. */
    @Test
    void seedFivePointsAboveItsStorageMoistureIsJustDryEnough() {
        double most = KALE.storageMoisture().orElseThrow() + 5;
        assertThat(SaleGate.of(moist(most)).reasons()).doesNotContain(Reason.NOT_DRY);
        assertThat(SaleGate.of(moist(most + 0.01)).reasons()).containsExactly(Reason.NOT_DRY);
    }

    @Test
    void seedThatNobodyKnowsToBeDryIsNotSold() {
        assertThat(SaleGate.of(with(good(), "moisture", Optional.empty())).against())
                .containsExactly(
                        new Finding.DrynessUnknown(KALE.storageMoisture().orElseThrow()));
        assertThat(SaleGate.of(with(with(good(), "moisture", Optional.empty()), "clean", false))
                        .reasons())
                .containsExactly(Reason.NOT_CLEAN);
    }

    /** Between what sealed packs ask and what is too damp for any, the forecast tells. */
    @Test
    void damperSeedIsSoldOnlyWhereItKeepsAsLongAsItsTestCounts() {
        Known damp = moist(KALE.storageMoisture().orElseThrow() + 3);
        assertThat(SaleGate.of(damp).mayBeSold()).isTrue();
        assertThat(SaleGate.of(damp).cautions()).containsExactly(Caution.DAMP_FOR_SEALING);
        LocalDate last = TESTED.plusDays(SaleGate.TEST_LASTS_DAYS);
        assertThat(SaleGate.of(with(damp, "below", Optional.of(last))).mayBeSold())
                .isTrue();
        assertThat(SaleGate.of(with(damp, "below", Optional.of(last.minusDays(1))))
                        .against())
                .containsExactly(new Finding.AgesTooFast(
                        KALE.storageMoisture().orElseThrow() + 3,
                        KALE.storageMoisture().orElseThrow(),
                        last.minusDays(1)));
        assertThat(SaleGate.of(with(good(), "below", Optional.of(last.minusDays(1))))
                        .mayBeSold())
                .isTrue();
    }

    @Test
    void seedDriedTooHotIsTestedFirstAndSaysSoForEver() {
        Known cooked = with(good(), "heated", Optional.of(new Overheated(20.4, 45, 32, 30, Instant.EPOCH)));
        assertThat(SaleGate.of(cooked).mayBeSold()).isTrue();
        assertThat(SaleGate.of(cooked).cautions()).containsExactly(Caution.DRIED_TOO_HOT);
        assertThat(SaleGate.of(with(cooked, "heatedSince", true)).against())
                .containsExactly(new Finding.Heated(45, 32, 20));
        assertThat(SaleGate.of(with(with(cooked, "heatedSince", true), "germination", Optional.empty()))
                        .reasons())
                .containsExactly(Reason.HEATED);
    }

    @Test
    void ofSeedNobodyHereSawGrowNothingIsAskedOfItsRows() {
        Known came = with(with(with(good(), "seenGrowing", false), "walks", Optional.empty()), "plantsPicked", 0);
        assertThat(SaleGate.of(came).mayBeSold()).isTrue();
        assertThat(SaleGate.of(came).cautions()).containsExactly(Caution.NOT_SEEN_GROWING);
        assertThat(SaleGate.of(with(came, "grade", Grade.OWN_USE)).reasons()).contains(Reason.OWN_USE_ONLY);
    }

    @Test
    void whatWentIntoOtherLotsIsNotAskedToBeCleanOrTested() {
        Known emptied = with(with(with(good(), "clean", false), "germination", Optional.empty()), "transferred", true);
        assertThat(SaleGate.of(emptied).against()).containsExactly(new Finding.AllTransferred());
    }

    private static Known moist(double percent) {
        return with(good(), "moisture", measured(percent));
    }

    private static Optional<SeedMoisture> measured(double percent) {
        return Optional.of(SeedMoisture.measured(percent, SeedMoisture.METER_OFF));
    }

    private static Known good() {
        return kale(Grade.MARKET, Verdict.CLEAR, GerminationResult.of(100, 91, 88, 90, 92), 20, false);
    }

    /** The same lot, one thing known of it otherwise. */
    private static Known with(Known lot, String part, Object value) {
        RecordComponent[] parts = Known.class.getRecordComponents();
        assertThat(parts).extracting(RecordComponent::getName).contains(part);
        try {
            Class<?>[] types =
                    Arrays.stream(parts).map(RecordComponent::getType).toArray(Class[]::new);
            Object[] values = new Object[parts.length];
            for (int i = 0; i < parts.length; i++) {
                values[i] = parts[i].getName().equals(part)
                        ? value
                        : parts[i].getAccessor().invoke(lot);
            }
            return Known.class.getDeclaredConstructor(types).newInstance(values);
        } catch (ReflectiveOperationException failed) {
            throw new AssertionError(failed);
        }
    }

    @Test
    void aTestCountsToItsLastDay() {
        GerminationResult good = GerminationResult.of(100, 91, 88, 90, 92);
        assertThat(SaleGate.of(kale(Grade.MARKET, Verdict.CLEAR, good, SaleGate.TEST_LASTS_DAYS, false))
                        .mayBeSold())
                .isTrue();
        assertThat(SaleGate.of(kale(Grade.MARKET, Verdict.CLEAR, good, SaleGate.TEST_LASTS_DAYS + 1, false))
                        .reasons())
                .containsExactly(Reason.TEST_RUN_OUT);
    }

    @Test
    void everyReasonIsListedNotOnlyTheFirst() {
        Known lot = new Known(
                Grade.STOCK,
                KALE,
                true,
                Verdict.CROSSES,
                75,
                Optional.of(WalkVerdict.of(Grade.STOCK, 80, List.of(Pass.of(80, 3, 0, 0.9)))),
                false,
                true,
                true,
                true,
                false,
                false,
                measured(14),
                Optional.empty(),
                Optional.of(new Overheated(20, 45, 32, 30, Instant.EPOCH)),
                true,
                Optional.of(BoredSeed.of(100, 3, 0, TESTED, Optional.empty())),
                Optional.of(PurityResult.of(10, 8.4, 1, 0.4, 0.2)),
                Optional.empty(),
                OptionalInt.empty(),
                Optional.of(UNEVEN),
                Optional.of(GerminationResult.of(100, 80, 60, 70, 75)),
                Optional.of(TESTED),
                false,
                false,
                TESTED.plusDays(400),
                Optional.of("a label came off"));
        assertThat(SaleGate.of(lot).reasons())
                .containsExactly(
                        Reason.ISOLATION_FAILED,
                        Reason.TOO_FEW_MOTHERS,
                        Reason.OFF_TYPES_OVER,
                        Reason.SHED_UNDECIDED,
                        Reason.NOT_CLEAN,
                        Reason.HEATED,
                        Reason.WEEVILS,
                        Reason.NOT_PURE,
                        Reason.SEED_WEIGHT_UNEVEN,
                        Reason.REPLICATES_DISAGREE,
                        Reason.TEST_RUN_OUT,
                        Reason.BELOW_STANDARD,
                        Reason.ON_HOLD);
    }

    @Test
    void whatWasNeverDoneHoldsALotBack() {
        Known lot = new Known(
                Grade.OWN_USE,
                KALE,
                true,
                Verdict.CLEAR,
                30,
                Optional.empty(),
                true,
                false,
                false,
                false,
                false,
                true,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                false,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                OptionalInt.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                false,
                false,
                TESTED,
                Optional.empty());
        assertThat(SaleGate.of(lot).reasons())
                .containsExactly(
                        Reason.OWN_USE_ONLY,
                        Reason.NOT_WALKED,
                        Reason.DRYNESS_UNKNOWN,
                        Reason.SEED_WEIGHT_UNKNOWN,
                        Reason.UNTESTED);
    }

    @Test
    void stockSeedMustGerminateFivePointsBetter() {
        GerminationResult at77 = GerminationResult.of(100, 77, 77, 77, 77);
        assertThat(SaleGate.of(kale(Grade.MARKET, Verdict.CLEAR, at77, 1, false))
                        .mayBeSold())
                .isTrue();
        assertThat(SaleGate.of(kale(Grade.STOCK, Verdict.CLEAR, at77, 1, false)).reasons())
                .containsExactly(Reason.BELOW_STANDARD);
    }

    @Test
    void tightIsolationAndAStandardHardlyReachedAreCautions() {
        GerminationResult hardly = GerminationResult.of(100, 76, 75, 77, 76);
        assertThat(SaleGate.of(kale(Grade.MARKET, Verdict.TIGHT, hardly, 1, false))
                        .cautions())
                .containsExactly(Caution.ISOLATION_TIGHT, Caution.STANDARD_NOT_SHOWN);
    }

    @Test
    void aTestCountsForAYear() {
        GerminationResult good = GerminationResult.of(100, 91, 88, 90, 92);
        assertThat(SaleGate.of(kale(Grade.MARKET, Verdict.CLEAR, good, 365, false))
                        .mayBeSold())
                .isTrue();
        assertThat(SaleGate.of(kale(Grade.MARKET, Verdict.CLEAR, good, 366, false))
                        .reasons())
                .containsExactly(Reason.TEST_RUN_OUT);
    }

    @Test
    void eachFindingCarriesItsFigures() {
        GerminationResult at70 = GerminationResult.of(100, 70, 70, 70, 70);
        assertThat(SaleGate.of(kale(Grade.MARKET, Verdict.CLEAR, at70, 366, true))
                        .against())
                .containsExactly(
                        new Finding.TestRunOut(TESTED, 365),
                        new Finding.BelowStandard(70, Grade.MARKET, 75),
                        new Finding.OnHold("a label came off"));
        assertThat(SaleGate.of(kale(Grade.MARKET, Verdict.CROSSES, at70, 1, false))
                        .against())
                .contains(new Finding.Crosses(Grade.MARKET));
        assertThat(SaleGate.of(moist(14.5)).against())
                .containsExactly(
                        new Finding.TooDamp(14.5, KALE.storageMoisture().orElseThrow()));
    }

    @Test
    void whatCannotBeInspectedAnyMoreIsNotAskedFor() {
        Known standing = kale(Grade.MARKET, Verdict.CLEAR, GerminationResult.of(100, 91, 88, 90, 92), 1, false);
        WalkVerdict few = WalkVerdict.of(Grade.MARKET, 4000, List.of(Pass.of(100, 0, 0, 0.9)));
        for (boolean stands : new boolean[] {true, false}) {
            assertThat(SaleGate.of(walked(standing, Optional.of(few), stands)).against())
                    .containsExactly(
                            new Finding.OffTypesNotShown(few.upper(), 0.01, Grade.MARKET, few.more(), stands, 299));
            assertThat(SaleGate.of(walked(standing, Optional.empty(), stands)).against())
                    .containsExactly(new Finding.NotWalked(stands, 299));
        }
    }

    @Test
    void aLotOfFewSeedsIsNotAskedForAGrowOutOfMore() {
        Known tiny = with(
                kale(Grade.MARKET, Verdict.CLEAR, GerminationResult.of(100, 91, 88, 90, 92), 1, false),
                "seeds",
                OptionalInt.of(250));
        assertThat(SaleGate.of(walked(tiny, Optional.empty(), false)).against())
                .contains(new Finding.NotWalked(false, 0));
    }

    private static Known walked(Known lot, Optional<WalkVerdict> walks, boolean standing) {
        return with(with(lot, "walks", walks), "standing", standing);
    }

    @Test
    void farTooFewMothersHoldALotBackAndALittleTooFewDoNot() {
        int asked = (int) KALE.plants().of(Grade.STOCK);
        Known lot = kale(Grade.STOCK, Verdict.CLEAR, GerminationResult.of(100, 91, 88, 90, 92), 1, false);
        assertThat(SaleGate.of(pickedFrom(lot, (int) Math.ceil(0.7 * asked))).reasons())
                .isEmpty();
        assertThat(SaleGate.of(pickedFrom(lot, (int) Math.ceil(0.7 * asked))).cautions())
                .containsExactly(Caution.FEW_PLANTS);
        assertThat(SaleGate.of(pickedFrom(lot, (int) (0.69 * asked))).reasons())
                .containsExactly(Reason.TOO_FEW_MOTHERS);
    }

    private static Known pickedFrom(Known lot, int plants) {
        return with(lot, "plantsPicked", plants);
    }

    @Test
    void seedSortedSinceItsTestMaySellButIsNotTheSeedThatWasTested() {
        Known lot = kale(Grade.MARKET, Verdict.CLEAR, GerminationResult.of(100, 91, 88, 90, 92), 1, false);
        SaleGate gate = SaleGate.of(with(lot, "sortedSince", true));
        assertThat(gate.mayBeSold()).isTrue();
        assertThat(gate.cautions()).containsExactly(Caution.SORTED_SINCE_TEST);
    }

    @Test
    void aHomeTestMustShowTheStandardItself() {
        Known hardly = kale(Grade.MARKET, Verdict.CLEAR, GerminationResult.oneSheet(50, 42), 1, false);
        assertThat(SaleGate.of(hardly).against()).containsExactly(new Finding.TooFewTested(84, 50, 75, 72, 400));
        Known shown = kale(Grade.MARKET, Verdict.CLEAR, GerminationResult.oneSheet(50, 47), 1, false);
        assertThat(SaleGate.of(shown).mayBeSold()).isTrue();
    }

    @Test
    void seedOfALineStillBredOutOfAHybridIsSoldAsThat() {
        Known lot = kale(Grade.MARKET, Verdict.CLEAR, GerminationResult.of(100, 91, 88, 90, 92), 20, false);
        assertThat(SaleGate.of(lot).cautions()).doesNotContain(Caution.BREEDING_OUT);
        SaleGate bred = SaleGate.of(with(lot, "breedingOut", true));
        assertThat(bred.cautions()).contains(Caution.BREEDING_OUT);
        assertThat(bred.mayBeSold()).isEqualTo(SaleGate.of(lot).mayBeSold());
    }

    private static Known seen(Optional<BoredSeed> weevils, Optional<PurityResult> purity) {
        return with(with(good(), "weevils", weevils), "purity", purity);
    }

    /** Of kale at least 97 % pure, at most 0.5 % of other crops and 0.5 % of weeds. */
    @Test
    void whatElseIsInTheSeedIsAskedAsMuchAsWhetherItGrows() {
        assertThat(SaleGate.of(seen(Optional.empty(), Optional.of(PurityResult.of(100, 97, 0.5, 0.5, 2))))
                        .mayBeSold())
                .as("just so")
                .isTrue();
        for (PurityResult not : List.of(
                PurityResult.of(100, 96.8, 0, 0, 3.2),
                PurityResult.of(100, 98, 0.6, 0, 1.4),
                PurityResult.of(100, 98, 0, 0.6, 1.4))) {
            assertThat(SaleGate.of(seen(Optional.empty(), Optional.of(not))).reasons())
                    .containsExactly(Reason.NOT_PURE);
        }
        assertThat(SaleGate.of(seen(Optional.empty(), Optional.empty())).cautions())
                .containsExactly(Caution.PURITY_NOT_TESTED);
    }

    @Test
    void seedFrozenForWeevilsWaitsForTheSecondLook() {
        LocalDate frozen = TESTED.plusDays(8);
        BoredSeed once = BoredSeed.of(100, 30, 0, TESTED, Optional.of(frozen));
        assertThat(SaleGate.of(seen(Optional.of(once), Optional.of(PURE))).against())
                .containsExactly(new Finding.SecondLook(0.3, frozen.plusDays(42)));
        BoredSeed again = BoredSeed.of(100, 30, 0, frozen.plusDays(42), Optional.of(frozen));
        assertThat(SaleGate.of(seen(Optional.of(again), Optional.of(PURE))).mayBeSold())
                .as("old holes do not hold it back for ever")
                .isTrue();
    }

    @Test
    void aHandfulOfSeedIsNoTestHoweverManyCameUp() {
        assertThat(SaleGate.of(kale(Grade.MARKET, Verdict.CLEAR, GerminationResult.oneSheet(10, 10), 1, false))
                        .reasons())
                .containsExactly(Reason.TOO_FEW_TESTED);
        assertThat(SaleGate.of(kale(Grade.MARKET, Verdict.CLEAR, GerminationResult.oneSheet(50, 50), 1, false))
                        .mayBeSold())
                .isTrue();
    }

    private static Known grown(Known lot, int plants, int offTypes) {
        return with(lot, "grownOut", Optional.of(GrowOut.of(plants, offTypes)));
    }

    @Test
    void aSampleGrownOutShowsWhatNobodyWalkedToSee() {
        Known unseen = with(good(), "walks", Optional.empty());
        assertThat(SaleGate.of(unseen).reasons()).containsExactly(Reason.NOT_WALKED);
        assertThat(SaleGate.of(grown(unseen, 299, 0)).mayBeSold()).isTrue();
        assertThat(SaleGate.of(grown(unseen, 298, 0)).reasons())
                .as("one plant too few")
                .containsExactly(Reason.NOT_WALKED);
        Known bought = with(good(), "seenGrowing", false);
        assertThat(SaleGate.of(bought).cautions()).containsExactly(Caution.NOT_SEEN_GROWING);
        assertThat(SaleGate.of(grown(bought, 299, 0)).cautions()).isEmpty();
    }

    @Test
    void aSampleGrownOutToldOtherwiseThanTheWalks() {
        assertThat(SaleGate.of(grown(good(), 100, 2)).mayBeSold())
                .as("two in a hundred may be chance")
                .isTrue();
        assertThat(SaleGate.of(grown(good(), 100, 5)).against())
                .containsExactly(new Finding.GrownOutOver(0.05, 100, 0.01, Grade.MARKET));
    }

    @Test
    void aLotOfThirtySeedsIsCountedAndTestedAsFarAsItGoes() {
        Known thirty = with(good(), "seeds", OptionalInt.of(30));
        Known untested = with(with(thirty, "germination", Optional.empty()), "weight", Optional.empty());
        assertThat(SaleGate.of(untested).against())
                .containsExactly(new Finding.NotWeighed(true), new Finding.NotTested(KALE.finalCountDay(), 10));
        Known ten = with(thirty, "germination", Optional.of(GerminationResult.oneSheet(10, 10)));
        assertThat(SaleGate.of(with(ten, "weight", Optional.of(SeedWeight.counted(30, 0.11))))
                        .reasons())
                .as("ten of ten leave it open below 75 %")
                .containsExactly(Reason.TOO_FEW_TESTED);
        assertThat(SaleGate.of(with(ten, "seeds", OptionalInt.of(5000))).against())
                .anyMatch(one -> one instanceof Finding.TooFewTested few && few.sample() == 400);
        assertThat(SaleGate.of(with(thirty, "germination", Optional.of(GerminationResult.oneSheet(9, 9))))
                        .against())
                .isNotEmpty();
    }
}
