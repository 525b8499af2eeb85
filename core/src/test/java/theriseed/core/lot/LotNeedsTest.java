package theriseed.core.lot;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import theriseed.core.bench.FermentClock.State;
import theriseed.core.bench.StepKind;
import theriseed.core.crop.Grade;
import theriseed.core.lot.LotNeeds.AtBench;
import theriseed.core.lot.LotNeeds.Ferment;
import theriseed.core.lot.LotNeeds.Known;
import theriseed.core.lot.LotNeeds.Left;
import theriseed.core.lot.LotNeeds.Running;
import theriseed.core.lot.LotNeeds.Tray;
import theriseed.core.lot.LotNeeds.UnderWay;
import theriseed.core.quality.BoredSeed;

class LotNeedsTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 8, 14);
    private static final Instant NOW = Instant.parse("2026-08-14T07:10:00Z");
    private static final Left PLENTY = new Left(true, 800, 150, true);
    private static final AtBench CLEAN = new AtBench(Optional.empty(), Optional.empty(), Optional.empty(), 1000, false);
    private static final Finding NOT_WEIGHED = new Finding.NotWeighed(false);
    private static final Finding UNTESTED = new Finding.NotTested(14, 400);
    private static final Finding TOO_FEW = new Finding.TooFewTested(86, 50, 80, 75, 400);
    private static final Finding CROSSES = new Finding.Crosses(Grade.MARKET);

    private static List<LotNeed> needs(Known lot) {
        return LotNeeds.of(lot, NOW, TODAY);
    }

    private static Known clean(Finding... holding) {
        return clean(PLENTY, List.of(), holding);
    }

    private static Known clean(Left left, List<Running> running, Finding... holding) {
        return at(CLEAN, left, running, holding);
    }

    private static Known at(AtBench bench, Left left, List<Running> running, Finding... holding) {
        return new Known(
                Optional.empty(),
                Optional.empty(),
                false,
                running,
                Optional.of(bench),
                left,
                List.of(holding),
                Optional.empty(),
                Optional.empty());
    }

    private static Known forecast(LocalDate retestOn, LocalDate below, Finding... holding) {
        return new Known(
                Optional.empty(),
                Optional.empty(),
                false,
                List.of(),
                Optional.of(CLEAN),
                PLENTY,
                List.of(holding),
                Optional.of(retestOn),
                Optional.of(below));
    }

    private static Known underWay(UnderWay step) {
        AtBench bench = new AtBench(Optional.empty(), Optional.of(step), Optional.empty(), 0, false);
        return at(bench, new Left(false, 0, 0, false), List.of(), new Finding.NotClean());
    }

    private static LotNeed fermenting(State state, int overInHours, Integer stirredHoursAgo) {
        Ferment ferment = new Ferment(
                state,
                24,
                NOW.plusSeconds(3600),
                NOW.plusSeconds(3600L * overInHours),
                Optional.ofNullable(stirredHoursAgo).map(hours -> NOW.minusSeconds(3600L * hours)));
        return needs(underWay(new UnderWay(
                        StepKind.FERMENT,
                        NOW.minusSeconds(99_999),
                        Optional.of(ferment),
                        Optional.empty(),
                        Optional.empty())))
                .get(0);
    }

    private static LotNeed drying(double moisture, boolean tooWarm, boolean rewetted, double sinceWeighed) {
        Tray tray = new Tray(moisture, 8, Optional.empty(), tooWarm, rewetted, sinceWeighed);
        return needs(underWay(new UnderWay(StepKind.DRY, NOW, Optional.empty(), Optional.of(tray), Optional.empty())))
                .get(0);
    }

    private static Running running(int firstDueIn, int finalDueIn, boolean firstCounted) {
        return new Running(
                400, TODAY.minusDays(7), TODAY.plusDays(firstDueIn), TODAY.plusDays(finalDueIn), firstCounted);
    }

    @Test
    void whoeverHeldItMustDecideBeforeAnythingElse() {
        Known held = new Known(
                Optional.of("label came off"),
                Optional.of(new BoredSeed(0.1, 0.2, 0, BoredSeed.Next.FREEZE, TODAY, 7, -18)),
                false,
                List.of(running(-1, 5, false)),
                Optional.of(CLEAN),
                PLENTY,
                List.of(UNTESTED),
                Optional.of(TODAY),
                Optional.of(TODAY));
        assertThat(needs(held)).containsExactly(new LotNeed.DecideHold("label came off"));
    }

    @Test
    void ofSeedThatAllWentIntoOtherLotsNothingIsAsked() {
        AtBench gone = new AtBench(Optional.empty(), Optional.empty(), Optional.empty(), 1000, true);
        Known lot = new Known(
                Optional.of("held before"),
                Optional.empty(),
                false,
                List.of(),
                Optional.of(gone),
                new Left(false, 0, 0, false),
                List.of(UNTESTED),
                Optional.empty(),
                Optional.empty());
        assertThat(needs(lot)).containsExactly(new LotNeed.NoneLeft(true));
    }

    @Test
    void aFermentIsStirredTwiceADayAndRinsedWhenItIsReady() {
        assertThat(fermenting(State.NOT_READY, 30, null)).isInstanceOf(LotNeed.Stir.class);
        assertThat(fermenting(State.NOT_READY, 30, 7)).isEqualTo(new LotNeed.Wait());
        assertThat(fermenting(State.NOT_READY, 30, 8)).isInstanceOf(LotNeed.Stir.class);
        assertThat(fermenting(State.READY, 4, 1)).isEqualTo(new LotNeed.Rinse(24, NOW.plusSeconds(4 * 3600), false));
        assertThat(fermenting(State.OVER_RUN, -1, 1)).isEqualTo(new LotNeed.Rinse(24, NOW.minusSeconds(3600), true));
        assertThat(fermenting(State.READY, 4, 1).urgent()).isTrue();
    }

    @Test
    void ofSeedThatDriesTheWorstIsSaid() {
        assertThat(drying(30, true, true, 200)).isInstanceOf(LotNeed.TrayTooWarm.class);
        assertThat(drying(30, false, true, 200)).isInstanceOf(LotNeed.TrayRewetted.class);
        assertThat(drying(30, false, false, 97)).isEqualTo(new LotNeed.TrayForgotten(4, Optional.empty()));
        assertThat(drying(30, false, false, 96)).isEqualTo(new LotNeed.WeighTray(30, 8, Optional.empty()));
        assertThat(drying(8, true, true, 200)).as("dry").isEqualTo(new LotNeed.WeighOut(StepKind.DRY, NOW));
    }

    @Test
    void everyTestThatWouldSettleSomethingIsAskedForOnce() {
        assertThat(needs(clean(NOT_WEIGHED, UNTESTED)))
                .containsExactly(new LotNeed.Test(NOT_WEIGHED), new LotNeed.Test(UNTESTED));
        assertThat(needs(clean(TOO_FEW, new Finding.TestRunOut(TODAY.minusYears(2), 365))))
                .as("one test settles both")
                .containsExactly(new LotNeed.Test(TOO_FEW));
        Finding uneven = new Finding.WeightsDisagree(6, 4);
        assertThat(needs(clean(PLENTY, List.of(running(2, 9, false)), uneven, TOO_FEW)))
                .as("a test of its germination is on already")
                .hasSize(2)
                .last()
                .isEqualTo(new LotNeed.Test(uneven));
    }

    @Test
    void whatNoTestSettlesHoldsItBack() {
        assertThat(needs(clean(CROSSES))).containsExactly(new LotNeed.HeldBack(CROSSES));
        assertThat(needs(clean(CROSSES, UNTESTED)))
                .containsExactly(new LotNeed.Test(UNTESTED), new LotNeed.HeldBack(CROSSES));
    }

    @Test
    void itsForecastAsksForATestUnlessSomethingHoldsItBackAnyhow() {
        LocalDate far = TODAY.plusYears(3);
        assertThat(needs(forecast(TODAY, far))).containsExactly(new LotNeed.Retest(TODAY));
        assertThat(needs(forecast(TODAY.plusDays(1), far))).containsExactly(new LotNeed.Nothing(Optional.of(far)));
        assertThat(needs(forecast(TODAY, far, UNTESTED))).containsExactly(new LotNeed.Test(UNTESTED));
        assertThat(needs(forecast(TODAY, far, CROSSES))).containsExactly(new LotNeed.HeldBack(CROSSES));
        assertThat(needs(forecast(far, TODAY.plusMonths(6).minusDays(1))))
                .containsExactly(new LotNeed.Falling(TODAY.plusMonths(6).minusDays(1)));
    }

    @Test
    void seedlingsAreCountedOnTheirDay() {
        assertThat(counted(running(1, 8, false)).now()).isFalse();
        assertThat(counted(running(0, 8, false))).matches(count -> count.now() && !count.last());
        assertThat(counted(running(-7, 1, true))).matches(count -> !count.now() && count.last());
        assertThat(counted(running(-7, 0, false))).matches(count -> count.now() && count.last() && !count.urgent());
        assertThat(counted(running(-7, -4, true)).urgent()).isTrue();
    }

    private static LotNeed.CountGermination counted(Running test) {
        return (LotNeed.CountGermination) needs(clean(PLENTY, List.of(test))).get(0);
    }

    @Test
    void itIsPackedOnceNothingHoldsItBackAndRunsLowInTheEnd() {
        assertThat(needs(clean(new Left(true, 900, 0, false), List.of())))
                .containsExactly(new LotNeed.Nothing(Optional.empty()), new LotNeed.Pack());
        assertThat(needs(clean(new Left(true, 900, 0, false), List.of(), CROSSES)))
                .doesNotContain(new LotNeed.Pack());
        assertThat(needs(clean(new Left(true, 40, 59, true), List.of()))).containsExactly(new LotNeed.Low());
        assertThat(needs(clean(new Left(false, 0, 0, true), List.of()))).containsExactly(new LotNeed.NoneLeft(false));
    }

    @Test
    void weevilsAreFrozenAtOnceAndLookedForAfterwards() {
        assertThat(needs(bored(BoredSeed.Next.FREEZE, false)).get(0)).isEqualTo(new LotNeed.Freeze(0.015, 0.03));
        assertThat(needs(bored(BoredSeed.Next.FREEZE, true)).get(0)).isNotInstanceOf(LotNeed.Freeze.class);
        assertThat(needs(bored(BoredSeed.Next.LOOK_AGAIN, false)).get(0)).isEqualTo(new LotNeed.LookForWeevils(TODAY));
    }

    private static Known bored(BoredSeed.Next next, boolean freezing) {
        return new Known(
                Optional.empty(),
                Optional.of(new BoredSeed(0.015, 0.03, 0, next, TODAY, 7, -18)),
                freezing,
                List.of(),
                Optional.of(CLEAN),
                PLENTY,
                List.of(),
                Optional.empty(),
                Optional.empty());
    }

    @Test
    void everyLotHasAnAnswerAndWhatHoldsItBackIsNeverLeftOut() {
        Random random = new Random(14);
        List<Finding> some = List.of(NOT_WEIGHED, UNTESTED, TOO_FEW, CROSSES, new Finding.ShedUndecided());
        for (int i = 0; i < 2000; i++) {
            List<Finding> holding = new ArrayList<>(some);
            holding.removeIf(finding -> random.nextBoolean());
            List<Running> running = random.nextInt(3) == 0 ? List.of(running(1, 9, false)) : List.of();
            Known lot = clean(PLENTY, running, holding.toArray(Finding[]::new));
            List<LotNeed> needs = needs(lot);
            assertThat(needs).isNotEmpty();
            assertThat(needs.stream().anyMatch(need -> need instanceof LotNeed.Nothing || need instanceof LotNeed.Pack))
                    .as("%s", holding)
                    .isEqualTo(holding.isEmpty());
        }
    }

    @Test
    void ofAllLotsWhatCannotWaitComesFirstThenAsItIsDoneOnADay() {
        LotNeed stir = new LotNeed.Stir(NOW);
        LotNeed tooWarm = new LotNeed.TrayTooWarm(Optional.empty());
        LotNeed test = new LotNeed.Test(UNTESTED);
        LotNeed counted = new LotNeed.CountGermination(100, TODAY, TODAY, false, true, false);
        LotNeed late = new LotNeed.CountGermination(100, TODAY, TODAY, true, true, true);
        LotNeed nothing = new LotNeed.Nothing(Optional.empty());
        List<LotNeed> all = new ArrayList<>(List.of(nothing, counted, test, late, stir, tooWarm));
        all.sort(LotNeeds.MOST_PRESSING_FIRST);
        assertThat(all).containsExactly(tooWarm, late, stir, test, counted, nothing);
    }

    @Test
    void seedInACleanerCannotWait() {
        Optional<Instant> outAt = Optional.of(NOW.plusSeconds(600));
        LotNeed wash = needs(
                        underWay(new UnderWay(StepKind.CHEMICAL_WASH, NOW, Optional.empty(), Optional.empty(), outAt)))
                .get(0);
        assertThat(wash).isEqualTo(new LotNeed.TakeOutOfWash(NOW, outAt));
        assertThat(wash.urgent()).isTrue();
    }

    @Test
    void cleanSeedThatIsDampIsDriedBeforeItIsPackedAndWaitsForNothingElseOfItsDampness() {
        AtBench damp = new AtBench(Optional.empty(), Optional.empty(), Optional.of(StepKind.DRY), 1000, false);
        Left bulk = new Left(true, 950, 0, false);
        assertThat(needs(at(damp, bulk, List.of()))).containsExactly(new LotNeed.NextStep(StepKind.DRY));
        assertThat(needs(at(damp, bulk, List.of(), new Finding.TooDamp(11, 5), UNTESTED)))
                .containsExactly(new LotNeed.NextStep(StepKind.DRY), new LotNeed.Test(UNTESTED));
        assertThat(needs(at(damp, PLENTY, List.of(), new Finding.TooDamp(11, 5))))
                .as("what is packed is the gate's to judge")
                .containsExactly(new LotNeed.HeldBack(new Finding.TooDamp(11, 5)));
    }
}
