package theriseed.core.drying;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import theriseed.core.crop.Crop;
import theriseed.core.crop.CropTable;
import theriseed.core.drying.TrayWatch.Spread;
import theriseed.core.drying.TrayWatch.Weighed;

class TrayWatchTest {
    private static final Crop PEA = CropTable.shipped().find("pea").orElseThrow();
    private static final Instant SPREAD = Instant.parse("2026-08-10T08:00:00Z");
    private static final OptionalDouble NONE = OptionalDouble.empty();

    private static Instant after(double hours) {
        return SPREAD.plusSeconds((long) (hours * 3600));
    }

    private static Spread tray(OptionalDouble moisture) {
        return new Spread(SPREAD, 1000, moisture, 18, 9);
    }

    private static TrayWatch watched(List<Weighed> weighed, double hours) {
        return TrayWatch.of(PEA, tray(OptionalDouble.of(20)), weighed, NONE, NONE, after(hours));
    }

    @Test
    void aWeighingAtTheMomentItWasSpreadTellsNothing() {
        TrayWatch watch = watched(List.of(new Weighed(SPREAD, 1000), new Weighed(after(10), 960)), 12);
        assertThat(watch.weighings()).isEqualTo(1);
        assertThat(watch.sinceWeighed()).isCloseTo(2, within(0.02));
        assertThat(watch.watch().mass()).isEqualTo(960);
    }

    @Test
    void whenItWillBeDryIsToldOnceItWasWeighedOftenEnough() {
        assertThat(watched(List.of(), 4).dryAt()).isEmpty();
        TrayWatch falling = watched(
                List.of(
                        new Weighed(after(8), 970),
                        new Weighed(after(16), 946),
                        new Weighed(after(24), 928),
                        new Weighed(after(32), 914)),
                33);
        assertThat(falling.dryAt()).hasValueSatisfying(dry -> assertThat(dry).isAfter(after(32)));
    }

    @Test
    void itIsDryOnceItWeighsWhatSeedOfItsTargetWould() {
        double dry = watched(List.of(), 1).watch().targetMass();
        assertThat(watched(List.of(new Weighed(after(40), dry + 1)), 41).dry()).isFalse();
        assertThat(watched(List.of(new Weighed(after(40), dry - 1)), 41).dry()).isTrue();
    }

    @Test
    void moistureThatNobodyMeasuredIsTakenAndSaidToBe() {
        TrayWatch taken = TrayWatch.of(PEA, tray(NONE), List.of(), NONE, NONE, after(1));
        assertThat(taken.watch().estimated()).isTrue();
        assertThat(taken.watch().moistureIn()).isEqualTo(18);
        assertThat(watched(List.of(), 1).watch().estimated()).isFalse();
    }

    @Test
    void airThatIsTooWarmForSeedSoMoistIsSaid() {
        double bears = watched(List.of(), 1).watch().warmest();
        TrayWatch warm =
                TrayWatch.of(PEA, tray(OptionalDouble.of(20)), List.of(), OptionalDouble.of(bears + 1), NONE, after(1));
        assertThat(warm.tooWarm()).isTrue();
        assertThat(warm.dehydrator()).isLessThanOrEqualTo(DryingAir.dehydrator(5));
        assertThat(watched(List.of(), 1).tooWarm()).as("nobody read the air").isFalse();
    }

    @Test
    void aTrayThatNobodyWeighsIsForgottenAfterFourDays() {
        assertThat(watched(List.of(), 95).forgotten()).isFalse();
        assertThat(watched(List.of(), 97).forgotten()).isTrue();
        assertThat(watched(List.of(new Weighed(after(60), 930)), 97).forgotten())
                .isFalse();
    }
}
