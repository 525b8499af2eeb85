package theriseed.core.drying;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import theriseed.core.crop.Crop;
import theriseed.core.crop.CropTable;
import theriseed.core.drying.Overheated.Air;
import theriseed.core.drying.TrayWatch.Spread;
import theriseed.core.drying.TrayWatch.Weighed;

/** Wet seed bears 32 °C, from 18 % down 38 °C; a degree more may be the thermometer. */
class OverheatedTest {
    private static final Crop CUCUMBER = CropTable.shipped().find("cucumber").orElseThrow();
    private static final Instant NOON = Instant.parse("2026-08-20T12:00:00Z");
    private static final Spread WET = new Spread(NOON, 140, OptionalDouble.of(45), 50, 6);

    /** 77 g of dry matter: 16.3 % at 92 g. */
    private static final List<Weighed> DOWN_TO_16 = List.of(new Weighed(hours(10), 92));

    private static Instant hours(double hours) {
        return NOON.plus(Duration.ofMinutes(Math.round(60 * hours)));
    }

    private static Optional<Overheated> dried(double end, double... hourAndAir) {
        List<Air> air = java.util.stream.IntStream.range(0, hourAndAir.length / 2)
                .mapToObj(i -> new Air(hours(hourAndAir[2 * i]), hourAndAir[2 * i + 1]))
                .toList();
        return Overheated.of(CUCUMBER, WET, DOWN_TO_16, air, hours(end));
    }

    @Test
    void whatWasTooHotStaysKnown() {
        Overheated hot = dried(12, 1, 45, 5, 30).orElseThrow();
        assertThat(hot.hours()).isCloseTo(4, within(1e-9));
        assertThat(hot.celsius()).isEqualTo(45);
        assertThat(hot.bears()).isEqualTo(32);
        assertThat(hot.moisture()).isCloseTo(45, within(1e-9));
        assertThat(hot.until()).isEqualTo(hours(5));
    }

    @Test
    void drierSeedBearsMore() {
        assertThat(dried(20, 11, 35)).isEmpty();
        assertThat(dried(20, 9, 35)).isPresent();
        assertThat(dried(20, 1, 33)).isEmpty();
    }

    @Test
    void aReadingSpeaksForADayAtMost() {
        assertThat(dried(100, 0, 45).orElseThrow().hours()).isCloseTo(24, within(1e-9));
        assertThat(dried(6, 0, 45).orElseThrow().hours()).isCloseTo(6, within(1e-9));
    }

    @Test
    void ofAllTimesTheHoursAddAndTheWorstIsTold() {
        Overheated mild = new Overheated(3, 36, 32, 40, hours(3));
        Overheated worse = new Overheated(1, 50, 38, 12, hours(30));
        assertThat(Overheated.all(Arrays.asList(mild, worse))).contains(new Overheated(4, 50, 38, 12, hours(30)));
        assertThat(Overheated.all(List.of())).isEmpty();
    }

    /** What weighs what it weighed the day before has come to rest with the air over it. */
    @Test
    void aTrayThatStoppedLosingWeightHasSettledWithItsAir() {
        List<Weighed> still = List.of(new Weighed(hours(0), 120), new Weighed(hours(30), 100.3));
        OptionalDouble air = OptionalDouble.of(21);
        OptionalDouble humidity = OptionalDouble.of(40);
        assertThat(TrayWatch.settled(CUCUMBER, still, 100, hours(54), air, humidity))
                .contains(SeedMoisture.settled(CUCUMBER, 21, 40));
        assertThat(TrayWatch.settled(CUCUMBER, still, 98, hours(54), air, humidity))
                .isEmpty();
        assertThat(TrayWatch.settled(CUCUMBER, still, 100, hours(40), air, humidity))
                .isEmpty();
        assertThat(TrayWatch.settled(CUCUMBER, still, 100, hours(54), air, OptionalDouble.empty()))
                .isEmpty();
    }
}
