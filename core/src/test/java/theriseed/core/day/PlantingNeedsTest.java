package theriseed.core.day;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import theriseed.core.bloom.BloomSpread;
import theriseed.core.crop.Grade;
import theriseed.core.day.PlantingNeeds.Bloom;
import theriseed.core.day.PlantingNeeds.Known;
import theriseed.core.day.PlantingNeeds.Stage;
import theriseed.core.isolation.Verdict;
import theriseed.core.roguing.Pass;
import theriseed.core.roguing.WalkVerdict;
import theriseed.core.season.RipensHere;

class PlantingNeedsTest {
    private static final LocalDate FIRST = LocalDate.of(2026, 6, 20);
    private static final Bloom BLOOM = new Bloom(FIRST, FIRST.plusDays(20), FIRST.plusDays(45));
    private static final WalkVerdict SHOWN = WalkVerdict.of(Grade.MARKET, 300, List.of(Pass.of(300, 0, 0, 0.9)));
    private static final WalkVerdict NOT_YET = WalkVerdict.of(Grade.MARKET, 300, List.of(Pass.of(20, 0, 0, 0.9)));

    private static Stage stage(LocalDate from, int days, boolean walked) {
        return new Stage(Optional.of(from), Optional.of(from.plusDays(days)), walked);
    }

    private static Known seed(Optional<WalkVerdict> walked, Stage... stages) {
        return new Known(
                true,
                true,
                false,
                Optional.empty(),
                Optional.of(BLOOM),
                List.of(stages),
                walked,
                Optional.of(Verdict.CLEAR),
                Optional.empty(),
                Optional.empty());
    }

    private static List<PlantingNeed> on(LocalDate day, Known planting) {
        return PlantingNeeds.of(planting, day);
    }

    @Test
    void itIsWalkedFromThreeWeeksBeforeItBlooms() {
        Known never = seed(Optional.empty());
        assertThat(on(FIRST.minusDays(22), never)).isEmpty();
        assertThat(on(FIRST.minusDays(21), never)).containsExactly(new PlantingNeed.WalkFirst(false));
        assertThat(on(FIRST, never)).containsExactly(new PlantingNeed.WalkFirst(true));
        assertThat(on(FIRST.plusDays(21), never))
                .as("what shed has shed")
                .containsExactly(new PlantingNeed.WalkFirst(false));
    }

    @Test
    void whatWasShownToBeTrueIsNotWalkedOn() {
        assertThat(on(FIRST, seed(Optional.of(SHOWN)))).isEmpty();
        assertThat(on(FIRST, seed(Optional.of(NOT_YET)))).containsExactly(new PlantingNeed.WalkOn(NOT_YET, true));
    }

    @Test
    void aStageIsAskedForWhileItShowsAndTwoWeeksLonger() {
        LocalDate early = FIRST.minusDays(60);
        Known young = seed(Optional.of(SHOWN), stage(early, 10, false));
        assertThat(on(early.minusDays(1), young)).isEmpty();
        assertThat(on(early, young)).containsExactly(new PlantingNeed.WalkStage(0, false));
        assertThat(on(early.plusDays(24), young)).containsExactly(new PlantingNeed.WalkStage(0, false));
        assertThat(on(early.plusDays(25), young)).isEmpty();
        assertThat(on(early, seed(Optional.of(SHOWN), stage(early, 10, true)))).isEmpty();
    }

    @Test
    void ofTwoStagesTheLaterCounts() {
        LocalDate early = FIRST.minusDays(60);
        Known both = seed(Optional.of(SHOWN), stage(early, 30, false), stage(early.plusDays(20), 10, true));
        assertThat(on(early.plusDays(10), both)).containsExactly(new PlantingNeed.WalkStage(0, false));
        assertThat(on(early.plusDays(20), both)).as("the later one was walked").isEmpty();
    }

    @Test
    void ripeSeedIsLookedForUntilSomeIsPicked() {
        Known planting = seed(Optional.of(SHOWN));
        assertThat(on(BLOOM.ripeFrom(), planting)).containsExactly(new PlantingNeed.LookWhetherRipe(BLOOM.ripeFrom()));
        Known picked = new Known(
                true,
                true,
                true,
                Optional.empty(),
                planting.bloom(),
                List.of(),
                Optional.empty(),
                Optional.of(Verdict.CLEAR),
                Optional.empty(),
                Optional.empty());
        assertThat(on(BLOOM.ripeFrom(), picked)).isEmpty();
    }

    @Test
    void aCrossingIsDecidedWhileItBloomsAndNotAfter() {
        Known crosses = new Known(
                true,
                true,
                true,
                Optional.empty(),
                Optional.of(BLOOM),
                List.of(),
                Optional.of(SHOWN),
                Optional.of(Verdict.CROSSES),
                Optional.empty(),
                Optional.empty());
        assertThat(on(BLOOM.last(), crosses)).containsExactly(new PlantingNeed.DecideIsolation());
        assertThat(on(BLOOM.last().plusDays(1), crosses)).isEmpty();
    }

    @Test
    void whatIsGrownForStockIsWalkedAtItsStagesOnly() {
        Known garlic = new Known(
                false,
                true,
                false,
                Optional.empty(),
                Optional.of(BLOOM),
                List.of(stage(FIRST, 5, false)),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        assertThat(on(FIRST, garlic)).containsExactly(new PlantingNeed.WalkStage(0, false));
        assertThat(on(FIRST.plusDays(30), garlic)).isEmpty();
    }

    @Test
    void whatWillNotRipenIsDecidedWhileThereIsTime() {
        RipensHere hardly = new RipensHere(
                RipensHere.Mark.WILL_NOT,
                Optional.of(FIRST.plusDays(120)),
                Optional.of(FIRST.plusDays(60)),
                Optional.of(RipensHere.Cause.FROST),
                0.1);
        Known known = new Known(
                true,
                true,
                false,
                Optional.empty(),
                Optional.of(BLOOM),
                List.of(),
                Optional.of(SHOWN),
                Optional.of(Verdict.CLEAR),
                Optional.of(hardly),
                Optional.empty());
        assertThat(on(FIRST, known)).containsExactly(new PlantingNeed.DecideRipening(hardly));
        assertThat(on(FIRST.plusDays(60), known)).noneMatch(need -> need instanceof PlantingNeed.DecideRipening);
    }

    private static List<PlantingNeed> looked(LocalDate day, PlantingNeeds.Looked looked) {
        return on(
                day,
                new Known(
                        true,
                        true,
                        true,
                        Optional.empty(),
                        Optional.of(BLOOM),
                        List.of(),
                        Optional.of(SHOWN),
                        Optional.of(Verdict.CLEAR),
                        Optional.empty(),
                        Optional.of(looked)));
    }

    @Test
    void whereDaysDecideItIsAskedWhetherItBlooms() {
        BloomSpread spread = new BloomSpread(6, 8);
        PlantingNeeds.Looked nobody = new PlantingNeeds.Looked(spread, false, false, Optional.empty());
        PlantingNeed begun = new PlantingNeed.LookAtBloom(false);
        assertThat(looked(FIRST.minusDays(20), nobody)).isEmpty();
        assertThat(looked(FIRST.minusDays(8), nobody)).containsExactly(begun);
        PlantingNeeds.Looked lately = new PlantingNeeds.Looked(spread, false, false, Optional.of(FIRST.minusDays(8)));
        assertThat(looked(FIRST.minusDays(6), lately)).isEmpty();
        assertThat(looked(FIRST.minusDays(4), lately)).containsExactly(begun);
        PlantingNeeds.Looked blooming = new PlantingNeeds.Looked(spread, true, false, Optional.of(FIRST));
        assertThat(looked(FIRST.plusDays(1), blooming)).isEmpty();
        assertThat(looked(BLOOM.last(), blooming)).containsExactly(new PlantingNeed.LookAtBloom(true));
        assertThat(looked(BLOOM.last(), new PlantingNeeds.Looked(spread, true, true, Optional.of(FIRST))))
                .isEmpty();
    }

    @Test
    void whatItWasSownWithIsAskedFromTheNextDayUntilItHasALot() {
        LocalDate sown = LocalDate.of(2026, 3, 20);
        PlantingNeed asks = new PlantingNeed.SayWhatWasSown(sown);
        assertThat(on(sown, grown(true, false, Optional.of(sown)))).isEmpty();
        assertThat(on(sown.plusDays(1), grown(true, false, Optional.of(sown)))).containsExactly(asks);
        assertThat(on(sown.plusDays(1), grown(true, false, Optional.empty()))).isEmpty();
        assertThat(on(sown.plusDays(1), grown(true, true, Optional.of(sown)))).isEmpty();
        assertThat(on(sown.plusDays(1), grown(false, false, Optional.of(sown))))
                .as("tubers and cloves are planted, not sown")
                .isEmpty();
    }

    private static Known grown(boolean forSeed, boolean numbered, Optional<LocalDate> sownOn) {
        return new Known(
                forSeed,
                true,
                numbered,
                sownOn,
                Optional.empty(),
                List.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }
}
