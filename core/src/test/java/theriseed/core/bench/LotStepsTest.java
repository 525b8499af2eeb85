package theriseed.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import theriseed.core.bench.LotSteps.Filled;
import theriseed.core.bench.LotSteps.Picked;
import theriseed.core.bench.LotSteps.Step;
import theriseed.core.crop.Crop;
import theriseed.core.crop.CropTable;
import theriseed.core.crop.Usual;
import theriseed.core.measure.OutOfRange;

class LotStepsTest {
    private static final Crop PEA = CropTable.shipped().find("pea").orElseThrow();
    private static final Chain CHAIN = Chain.of(PEA);
    private static final Filled PICKED = picked(9000, 0);

    private static Filled picked(double grams, double transferredOut) {
        return new Filled(
                BigDecimal.valueOf(grams),
                Optional.of(new Picked(grams, 290)),
                OptionalDouble.empty(),
                false,
                BigDecimal.valueOf(transferredOut));
    }

    private static Step step(StepKind kind, double in, double out, double gone) {
        return new Step(
                kind,
                BigDecimal.valueOf(in),
                BigDecimal.ZERO,
                Optional.of(BigDecimal.valueOf(out)),
                BigDecimal.valueOf(gone),
                OptionalDouble.empty(),
                OptionalDouble.empty());
    }

    private static Step open(StepKind kind, double in) {
        return new Step(
                kind,
                BigDecimal.valueOf(in),
                BigDecimal.ZERO,
                Optional.empty(),
                BigDecimal.ZERO,
                OptionalDouble.empty(),
                OptionalDouble.empty());
    }

    private static LotSteps peas(Step... steps) {
        return new LotSteps(PEA, CHAIN, PICKED, List.of(steps));
    }

    private static LotSteps cleaned() {
        return peas(
                step(StepKind.DRY, 9000, 8100, 0),
                step(StepKind.THRESH, 8100, 6000, 2100),
                step(StepKind.SCREEN, 6000, 5500, 500),
                step(StepKind.WINNOW, 5500, 5200, 300),
                step(StepKind.HAND_PICK, 5200, 5100, 100));
    }

    @Test
    void aLotGoesThroughItsChainStepByStep() {
        assertThat(peas().next()).contains(StepKind.DRY);
        LotSteps drying = peas(open(StepKind.DRY, 9000));
        assertThat(drying.underWay()).isTrue();
        assertThat(drying.mass()).isEqualByComparingTo("9000");
        LotSteps threshed = peas(step(StepKind.DRY, 9000, 8100, 0), step(StepKind.THRESH, 8100, 6000, 2100));
        assertThat(threshed.next()).contains(StepKind.SCREEN);
        assertThat(threshed.left()).containsExactly(StepKind.SCREEN, StepKind.WINNOW, StepKind.HAND_PICK, StepKind.DRY);
        assertThat(threshed.mass()).isEqualByComparingTo("6000");
        assertThat(threshed.clean()).isFalse();
        assertThat(threshed.yield()).isEmpty();
    }

    @Test
    void aCleanLotTellsWhatItGave() {
        LotSteps clean = cleaned();
        assertThat(clean.clean()).isTrue();
        assertThat(clean.next()).as("dry it for the store").contains(StepKind.DRY);
        assertThat(clean.toKeep()).isEmpty();
        assertThat(clean.yield().orElseThrow().share()).isCloseTo(5100 / 9000.0, within(1e-9));
        assertThat(clean.judged()).allSatisfy(step -> assertThat(step.balance()).isPresent());
    }

    @Test
    void whatTheStepsLeftUsuallyKeepIsMeasuredByWhatIsThereNow() {
        Usual usual = LotYield.expected(PEA, 9000).orElseThrow();
        LotSteps dried = peas(step(StepKind.DRY, 9000, 8100, 0));
        Usual keep = dried.toKeep().orElseThrow();
        assertThat(keep.low()).isCloseTo(Math.min(1, usual.low() / 8100), within(1e-12));
        assertThat(keep.high()).isLessThanOrEqualTo(1);
    }

    @Test
    void weightsThatCannotBeStopTheLotAndTellWhy() {
        LotSteps wrong = peas(step(StepKind.DRY, 9000, 8100, 0), step(StepKind.THRESH, 8100, 6000, 2500));
        assertThat(wrong.wrong()).contains(StepKind.THRESH);
        assertThat(wrong.judged().get(1).balance()).isEmpty();
        assertThat(wrong.judged().get(1).wrong().orElseThrow().field()).isEqualTo("byProduct");
        assertThat(wrong.judged().get(0).wrong()).isEmpty();
        assertThat(wrong.clean()).isFalse();
    }

    @Test
    void aDryingThatLostOnlyWaterShowsHowMoistItWasBefore() {
        Step dry = new Step(
                StepKind.DRY,
                BigDecimal.valueOf(9000),
                BigDecimal.ZERO,
                Optional.of(BigDecimal.valueOf(8100)),
                BigDecimal.ZERO,
                OptionalDouble.empty(),
                OptionalDouble.of(9));
        assertThat(peas(dry).dryPicked()).isCloseTo(8100 * 0.91, within(1e-6));
        assertThat(peas(dry).judged().get(0).dry().orElseThrow().measured()).isTrue();
    }

    @Test
    void whatAllWentIntoOtherLotsIsDone() {
        LotSteps transferred = new LotSteps(PEA, CHAIN, picked(9000, 9000), List.of());
        assertThat(transferred.transferred()).isTrue();
        assertThat(transferred.next()).isEmpty();
        assertThat(transferred.left()).isEmpty();
    }

    @Test
    void whatCameOfOtherLotsGivesItsShareOfWhatWasPicked() {
        Picked half = new Picked(9000, 290).share(500, 1000);
        LotSteps part = new LotSteps(PEA, new Chain(List.of()), transferred(Optional.of(half)), List.of());
        assertThat(part.clean()).isTrue();
        assertThat(part.yield().orElseThrow().share()).isCloseTo(500 / 4500.0, within(1e-9));
        assertThat(part.yield().orElseThrow().perPlant()).isCloseTo(500 / 145.0, within(1e-9));
        assertThat(part.expected()).isEqualTo(LotYield.expected(PEA, 4500));
        LotSteps unknown = new LotSteps(PEA, new Chain(List.of()), transferred(Optional.empty()), List.of());
        assertThat(unknown.expected()).isEmpty();
        assertThat(unknown.yield()).isEmpty();
    }

    private static Filled transferred(Optional<Picked> cameOf) {
        return new Filled(new BigDecimal("500"), cameOf, OptionalDouble.of(10), true, BigDecimal.ZERO);
    }

    /** Two pickings of the same plants were of no more plants than one. */
    @Test
    void blendedPickingsOfTheSamePlantsCountThemOnce() {
        Picked both = Picked.together(List.of(new Picked(4000, 60), new Picked(2000, 60)), 60);
        assertThat(both).isEqualTo(new Picked(6000, 60));
    }

    @Test
    void cleanSeedIsNeverMoreThanWasPickedNorLessThanWentOn() {
        cleaned().check();
        LotSteps more =
                new LotSteps(PEA, new Chain(List.of(StepKind.DRY)), PICKED, List.of(step(StepKind.DRY, 9000, 9100, 0)));
        assertThatThrownBy(more::check).isInstanceOf(OutOfRange.class).hasMessageContaining("massOut");
        LotSteps less = new LotSteps(
                PEA, new Chain(List.of(StepKind.DRY)), picked(9000, 8500), List.of(step(StepKind.DRY, 9000, 8100, 0)));
        assertThatThrownBy(less::check).isInstanceOf(OutOfRange.class).hasMessageContaining("massOut");
    }

    @Test
    void whatNobodyMeasuredGoingInIsTakenAsTheStepBeforeLeavesIt() {
        LotSteps lot = peas(step(StepKind.THRESH, 9000, 6000, 3000), open(StepKind.DRY, 6000));
        assertThat(lot.usualInto(1)).isEqualTo(StepKind.THRESH.usualMoistureAfter());
        assertThat(lot.usualInto(0)).isEqualTo(Chain.usualMoistureAtHarvest(PEA));
    }

    /** Growers thresh peas at about 13 %, and dry the seed once it is out of its straw. */
    @Test
    void podsAreDriedToWhatTheyThreshAtAndSeedToWhatPacksNeed() {
        LotSteps pods = peas(open(StepKind.DRY, 9000));
        assertThat(pods.driedToThresh(0)).isTrue();
        assertThat(pods.dryTo(0)).isEqualTo(PEA.handling().threshesAt().orElseThrow());
        Step[] done = {
            step(StepKind.DRY, 9000, 8100, 0), step(StepKind.THRESH, 8100, 6000, 2100), open(StepKind.DRY, 6000)
        };
        assertThat(peas(done).driedToThresh(2)).isFalse();
        assertThat(peas(done).dryTo(2)).isEqualTo(PEA.storageMoisture().orElseThrow());
    }

    /** Whoever rinses at once has not fermented. */
    @Test
    void whatWasPassedOverWasNotDone() {
        Chain wet = Chain.School.FERMENTED.chain();
        assertThat(wet.skipped(List.of(StepKind.EXTRACT, StepKind.RINSE))).containsExactly(1);
        assertThat(wet.skipped(List.of(StepKind.EXTRACT, StepKind.FERMENT))).isEmpty();
        assertThat(wet.skipped(List.of(StepKind.DRY))).containsExactly(0, 1, 2);
        assertThat(wet.skipped(List.of(StepKind.EXTRACT, StepKind.THRESH))).isEmpty();
    }

    @Test
    void aSchoolIsToldByWhatWasDone() {
        Crop tomato = CropTable.shipped().find("tomato").orElseThrow();
        assertThat(Chain.school(tomato, List.of(StepKind.EXTRACT, StepKind.FERMENT, StepKind.RINSE, StepKind.DRY)))
                .contains(Chain.School.FERMENTED);
        assertThat(Chain.school(tomato, List.of(StepKind.EXTRACT, StepKind.RINSE, StepKind.DRY)))
                .contains(Chain.School.WASHED);
        assertThat(Chain.school(tomato, List.of(StepKind.EXTRACT, StepKind.DRY)))
                .isEmpty();
        assertThat(Chain.school(PEA, List.of(StepKind.DRY, StepKind.THRESH))).contains(Chain.School.THRESHED);
        assertThat(Chain.school(PEA, List.of(StepKind.DRY, StepKind.THRESH, StepKind.FREEZE)))
                .contains(Chain.School.FROZEN);
    }

    /** 40 kg of fruit, 6.5 kg of mash and 20 kg of flesh: 13.5 kg went somewhere. */
    @Test
    void openingFruitKeepsItsWetMass() {
        Crop tomato = CropTable.shipped().find("tomato").orElseThrow();
        Filled fruit = picked(40_000, 0);
        Chain chain = Chain.of(tomato);
        MassBalance.Step seen = new LotSteps(
                        tomato, chain, fruit, List.of(step(StepKind.EXTRACT, 40_000, 6_500, 20_000)))
                .judged()
                .get(0)
                .balance()
                .orElseThrow();
        assertThat(seen.alarm()).isTrue();
        assertThat(seen.unaccounted()).hasValue(33.75);
        assertThat(new LotSteps(tomato, chain, fruit, List.of(step(StepKind.EXTRACT, 40_000, 6_500, 33_000)))
                        .judged()
                        .get(0)
                        .balance()
                        .orElseThrow()
                        .alarm())
                .isFalse();
    }
}
