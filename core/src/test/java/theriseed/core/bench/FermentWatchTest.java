package theriseed.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import theriseed.core.bench.FermentWatch.Read;
import theriseed.core.crop.Crop;
import theriseed.core.crop.CropTable;

class FermentWatchTest {
    private static final Crop TOMATO = CropTable.shipped().find("tomato").orElseThrow();
    private static final Instant BEGUN = Instant.parse("2026-08-12T08:00:00Z");

    private static Instant after(double hours) {
        return BEGUN.plusSeconds((long) (hours * 3600));
    }

    private static FermentWatch watched(OptionalDouble began, List<Read> mash, double hours, double tomorrow) {
        return FermentWatch.of(TOMATO, BEGUN, began, mash, after(hours), OptionalDouble.of(tomorrow));
    }

    @Test
    void atTwentyTwoDegreesAnHourIsAnHour() {
        FermentWatch watch = watched(OptionalDouble.of(22), List.of(), 10, 22);
        assertThat(watch.clock().equivalentHours()).isCloseTo(10, within(1e-9));
        assertThat(watch.readyAt()).isEqualTo(after(watch.window().low()));
        assertThat(watch.overAt()).isEqualTo(after(watch.window().high()));
        assertThat(watch.beyondExperience()).isFalse();
    }

    @Test
    void whereNobodyReadItTheUsualRoomIsTaken() {
        assertThat(watched(OptionalDouble.empty(), List.of(), 5, 22).celsius()).isEqualTo(20);
        assertThat(watched(OptionalDouble.empty(), List.of(new Read(after(3), 25)), 5, 22)
                        .celsius())
                .isEqualTo(25);
    }

    @Test
    void warmerMashIsReadySoonerAndAWarmerTomorrowTakesLess() {
        FermentWatch cool = watched(OptionalDouble.of(18), List.of(), 10, 18);
        FermentWatch warm = watched(OptionalDouble.of(18), List.of(new Read(after(2), 26)), 10, 18);
        assertThat(warm.readyAt()).isBefore(cool.readyAt());
        assertThat(watched(OptionalDouble.of(18), List.of(), 10, 26)
                        .hoursAtTomorrow()
                        .getAsDouble())
                .isLessThan(cool.hoursAtTomorrow().getAsDouble());
    }

    @Test
    void onceReadyTheHoursTomorrowAreThoseUntilItIsOver() {
        double hours = watched(OptionalDouble.of(22), List.of(), 1, 22).window().low() + 2;
        FermentWatch ready = watched(OptionalDouble.of(22), List.of(), hours, 22);
        assertThat(ready.clock().state()).isEqualTo(FermentClock.State.READY);
        assertThat(ready.hoursAtTomorrow().getAsDouble())
                .isCloseTo(Duration.between(after(hours), ready.overAt()).toMinutes() / 60.0, within(0.1));
    }

    @Test
    void theNightBeforeItIsOverItIsToBeRinsed() {
        double over = watched(OptionalDouble.of(22), List.of(), 1, 22).window().high();
        assertThat(watched(OptionalDouble.of(22), List.of(), over - 9, 22).soonOver())
                .isFalse();
        assertThat(watched(OptionalDouble.of(22), List.of(), over - 7, 22).soonOver())
                .isTrue();
        assertThat(watched(OptionalDouble.of(22), List.of(), over + 1, 22).soonOver())
                .as("over already")
                .isFalse();
    }

    @Test
    void whatIsColderOrWarmerThanTheClockIsKnownForIsSaid() {
        assertThat(watched(OptionalDouble.of(14), List.of(), 5, 22).beyondExperience())
                .isTrue();
        assertThat(watched(OptionalDouble.of(22), List.of(new Read(after(1), 33)), 5, 22)
                        .beyondExperience())
                .isTrue();
        assertThat(watched(OptionalDouble.of(22), List.of(), 5, 60).tomorrow()).hasValue(40);
    }

    @Test
    void whereNobodyCanTellTomorrowsWarmthNothingIsSaidOfIt() {
        FermentWatch watch =
                FermentWatch.of(TOMATO, BEGUN, OptionalDouble.of(22), List.of(), after(5), OptionalDouble.empty());
        assertThat(watch.tomorrow()).isEmpty();
        assertThat(watch.hoursAtTomorrow()).isEmpty();
        assertThat(watch.readyAt()).isAfter(after(5));
    }
}
