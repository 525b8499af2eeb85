package theriseed.core.lot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import theriseed.core.bench.StepKind;
import theriseed.core.drying.SeedMoisture;
import theriseed.core.drying.SeedMoisture.By;
import theriseed.core.lot.MoistureHistory.Entry;
import theriseed.core.lot.MoistureHistory.Reading;
import theriseed.core.lot.MoistureHistory.Step;
import theriseed.core.lot.MoistureHistory.Told;

class MoistureHistoryTest {
    private static final LocalDate DAY = LocalDate.of(2026, 8, 20);
    private static final Optional<SeedMoisture> NOT_READ = Optional.empty();

    private static Optional<SeedMoisture> read(double percent) {
        return Optional.of(SeedMoisture.measured(percent, 1));
    }

    private static Step dried(int day, Optional<SeedMoisture> in, Optional<SeedMoisture> out, boolean onlyDried) {
        return new Step(DAY.plusDays(day), StepKind.DRY, 140, 110, onlyDried, false, in, out, NOT_READ);
    }

    private static Step step(int day, StepKind kind, boolean water) {
        return new Step(DAY.plusDays(day), kind, 110, 105, false, water, NOT_READ, NOT_READ, NOT_READ);
    }

    private static MoistureHistory history(Step... steps) {
        return MoistureHistory.of(Optional.empty(), List.of(steps), List.of());
    }

    private static SeedMoisture now(MoistureHistory history) {
        return history.now().flatMap(Entry::moisture).orElseThrow();
    }

    @Test
    void dryingLeavesWhatItsWeightsTell() {
        MoistureHistory history = history(dried(3, read(45), NOT_READ, true), step(5, StepKind.WINNOW, false));
        assertThat(now(history).percent()).isCloseTo(30, within(1e-9));
        assertThat(now(history).by()).isEqualTo(By.WEIGHT);
        assertThat(history.entries()).hasSize(1);
        assertThat(history.entries().get(0).on()).isEqualTo(DAY.plusDays(3));
    }

    @Test
    void whatWasReadCountsMoreThanWhatIsCalculated() {
        assertThat(now(history(dried(3, read(45), read(8), true)))).isEqualTo(read(8).orElseThrow());
    }

    @Test
    void nobodyKnowsWhatMoreThanWaterLeftOrWhatWentInUnknown() {
        assertThat(history(dried(3, read(45), NOT_READ, false)).now()).isEmpty();
        assertThat(history(dried(3, NOT_READ, NOT_READ, true)).now()).isEmpty();
    }

    @Test
    void washedSeedIsUnknownUntilItIsDriedAgain() {
        MoistureHistory washed = history(dried(3, read(45), read(8), true), step(4, StepKind.RINSE, true));
        assertThat(washed.now()).isEmpty();
        assertThat(washed.entries()).hasSize(2);
        assertThat(history(step(1, StepKind.EXTRACT, true)).now()).isEmpty();
    }

    @Test
    void seedOutOfItsStrawIsKnownLessWell() {
        SeedMoisture threshed = now(history(dried(3, NOT_READ, read(12), true), step(4, StepKind.THRESH, false)));
        assertThat(threshed.percent()).isEqualTo(12);
        assertThat(threshed.high() - threshed.low()).isCloseTo(4, within(1e-9));
    }

    @Test
    void theAirTellsWhereTheWeightsDoNot() {
        Optional<SeedMoisture> settled = Optional.of(new SeedMoisture(7, 5.5, 8.5, By.AIR));
        Step unread = new Step(DAY, StepKind.DRY, 140, 110, true, false, NOT_READ, NOT_READ, settled);
        assertThat(now(history(unread))).isEqualTo(settled.orElseThrow());
        Step wellRead = new Step(DAY, StepKind.DRY, 140, 110, true, false, read(28), NOT_READ, settled);
        assertThat(now(history(wellRead)).by()).isEqualTo(By.WEIGHT);
        Optional<SeedMoisture> rough = Optional.of(SeedMoisture.measured(28, 5));
        Step roughlyRead = new Step(DAY, StepKind.DRY, 140, 110, true, false, rough, NOT_READ, settled);
        assertThat(now(history(roughlyRead)).by()).isEqualTo(By.AIR);
    }

    @Test
    void aTestCountsFromItsDayAndADryingAfterItGoesOnFromThere() {
        Reading tested = new Reading(DAY.plusDays(5), Told.TEST, read(14).orElseThrow());
        MoistureHistory history = MoistureHistory.of(
                Optional.empty(),
                List.of(
                        dried(3, NOT_READ, NOT_READ, true),
                        new Step(DAY.plusDays(9), StepKind.DRY, 100, 95, true, false, NOT_READ, NOT_READ, NOT_READ)),
                List.of(tested));
        assertThat(now(history).percent()).isCloseTo(100 - 86 * 100 / 95.0, within(1e-9));
        assertThat(history.entries()).extracting(Entry::told).containsExactly(Told.TEST, Told.STEP);
    }

    @Test
    void whatWasTransferredInBeginsAsItWasThen() {
        Entry transferred = new Entry(DAY, Told.TRANSFER, Optional.empty(), read(9));
        assertThat(now(MoistureHistory.of(Optional.of(transferred), List.of(), List.of())))
                .isEqualTo(read(9).orElseThrow());
    }

    /** Its parts share a lot's tests: what was read before it was parted tells nothing of what happened to it until then. */
    @Test
    void whatWasReadOfTheWholeDoesNotSpeakForTheRinsedPart() {
        Reading before = new Reading(DAY.minusDays(9), Told.TEST, read(6).orElseThrow());
        Entry wet = new Entry(DAY, Told.TRANSFER, Optional.empty(), NOT_READ);
        assertThat(MoistureHistory.of(Optional.of(wet), List.of(), List.of(before))
                        .now())
                .isEmpty();
        Reading after = new Reading(DAY, Told.TEST, read(7).orElseThrow());
        assertThat(now(MoistureHistory.of(Optional.of(wet), List.of(), List.of(before, after))))
                .isEqualTo(read(7).orElseThrow());
    }
}
