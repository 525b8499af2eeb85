package theriseed.core.drying;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import theriseed.core.crop.Crop;
import theriseed.core.crop.CropTable;
import theriseed.core.drying.DryingWatch.Room;
import theriseed.core.drying.DryingWatch.Weighing;
import theriseed.core.measure.OutOfRange;

class DryingWatchTest {
    private static final Crop TOMATO = CropTable.shipped().find("tomato").orElseThrow();
    private static final double TARGET = DryingWatch.sealed(TOMATO);
    private static final Room DRY_ROOM = new Room(24, 12);

    private static DryingWatch watch(List<Weighing> weighed, Room room) {
        return DryingWatch.of(TOMATO, 400, 50, true, TARGET, weighed, Optional.ofNullable(room));
    }

    /** Weighings of a tray that dries evenly towards what the room leaves. */
    private static List<Weighing> evenly(double rate, double... hours) {
        double floor = WaterContent.dryBasis(DryingWatch.floor(TOMATO, DRY_ROOM));
        List<Weighing> weighed = new ArrayList<>();
        for (double hour : hours) {
            weighed.add(new Weighing(hour, 200 * (1 + (floor + (100 - floor) * Math.exp(-rate * hour)) / 100)));
        }
        return weighed;
    }

    @Test
    void whatItWeighsTellsHowMoistItIs() {
        DryingWatch begun = watch(List.of(), null);
        assertThat(begun.targetMass()).isCloseTo(200 / (1 - TARGET / 100), within(1e-9));
        assertThat(begun.moisture()).isCloseTo(50, within(1e-9));
        assertThat(begun.curve()).isEmpty();
        DryingWatch later = watch(List.of(new Weighing(10, 250)), null);
        assertThat(later.moisture()).isCloseTo(20, within(1e-9));
        assertThat(watch(List.of(new Weighing(30, begun.targetMass())), null).moisture())
                .isCloseTo(TARGET, within(1e-9));
        assertThat(watch(List.of(new Weighing(30, begun.targetMass())), null).gel())
                .as("dry seed needs no gel")
                .isEmpty();
    }

    @Test
    void aTrayThatDriesEvenlyIsForetold() {
        double rate = 0.08;
        DryingWatch watch = watch(evenly(rate, 5, 12, 24), DRY_ROOM);
        double floor = WaterContent.dryBasis(DryingWatch.floor(TOMATO, DRY_ROOM));
        double hours = Math.log((100 - floor) / (WaterContent.dryBasis(TARGET) - floor)) / rate;
        assertThat(watch.reachable()).isTrue();
        assertThat(watch.curve().orElseThrow().hoursToTarget()).isCloseTo(hours, within(1e-6));
        assertThat(watch.far()).isFalse();
        assertThat(watch(evenly(rate, 1, 2), DRY_ROOM).far())
                .as("two hours weighed do not tell two days")
                .isTrue();
    }

    @Test
    void dampAirNeverGetsItDryButGelDoes() {
        DryingWatch watch = watch(List.of(new Weighing(40, 230)), new Room(16, 82));
        assertThat(watch.reachable()).isFalse();
        assertThat(watch.curve()).isEmpty();
        assertThat(watch.floor().orElseThrow()).isGreaterThan(TARGET);
        SilicaGel gel = watch.gel().orElseThrow();
        assertThat(gel.water()).isCloseTo(230 - watch.targetMass(), within(1e-9));
        assertThat(gel.gel()).isGreaterThan(4 * gel.water());
    }

    @Test
    void waterTakenUpAtNightIsNoticedAndTheCurveBeginsAnew() {
        List<Weighing> weighed = new ArrayList<>(List.of(new Weighing(8, 300), new Weighing(18, 320)));
        assertThat(watch(weighed, DRY_ROOM).rewetted()).isTrue();
        assertThat(watch(weighed, DRY_ROOM).curve()).isEmpty();
        weighed.add(new Weighing(24, 290));
        weighed.add(new Weighing(30, 268));
        assertThat(watch(weighed, DRY_ROOM).curve().orElseThrow().hoursLeft()).isPositive();
        assertThat(watch(List.of(new Weighing(8, 300), new Weighing(9, 300.5)), DRY_ROOM)
                        .rewetted())
                .as("a scale is never quite still")
                .isFalse();
    }

    @Test
    void lighterThanTheAirCanMakeItMeansThatItBeganDrier() {
        assertThat(watch(List.of(new Weighing(10, 205)), DRY_ROOM).belowFloor()).isTrue();
        assertThat(watch(List.of(new Weighing(10, 190)), null).belowFloor()).isTrue();
        assertThat(watch(List.of(new Weighing(10, 240)), DRY_ROOM).belowFloor()).isFalse();
    }

    @Test
    void seedForPaperNeedNotGetSoDry() {
        List<Weighing> weighed = List.of(new Weighing(40, 222));
        DryingWatch paper = DryingWatch.of(TOMATO, 400, 50, true, 10, weighed, Optional.of(new Room(20, 40)));
        DryingWatch sealed = DryingWatch.of(TOMATO, 400, 50, true, TARGET, weighed, Optional.of(new Room(20, 40)));
        assertThat(paper.reachable()).isTrue();
        assertThat(sealed.reachable()).isFalse();
        assertThat(paper.targetMass()).isGreaterThan(sealed.targetMass());
    }

    @Test
    void dampSeedBearsLessWarmth() {
        assertThat(watch(List.of(), DRY_ROOM).warmest()).isEqualTo(32);
        assertThat(watch(List.of(new Weighing(10, 230)), DRY_ROOM).warmest())
                .isEqualTo(Math.min(38, TOMATO.maxDryingTemperature().orElse(38)));
    }

    @Test
    void weighingsInTheWrongOrderAreRefused() {
        assertThatThrownBy(() -> watch(List.of(new Weighing(10, 300), new Weighing(9, 290)), DRY_ROOM))
                .isInstanceOf(OutOfRange.class)
                .hasMessageContaining("hour: 9");
    }

    @Test
    void oilySeedHoldsLessWaterInTheSameAir() {
        Crop bean = CropTable.shipped().find("common-bean").orElseThrow();
        assertThat(DryingWatch.floor(TOMATO, DRY_ROOM)).isLessThan(DryingWatch.floor(bean, DRY_ROOM));
    }
}
