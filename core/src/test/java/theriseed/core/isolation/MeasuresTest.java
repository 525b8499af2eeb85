package theriseed.core.isolation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import theriseed.core.bloom.BloomWindow;
import theriseed.core.crop.Crop;
import theriseed.core.crop.CropTable;

/** What keeps foreign pollen out, what it leaves open, and the hours it takes. */
class MeasuresTest {
    private static final LocalDate JUNE = LocalDate.of(2026, 6, 1);

    private static Crop crop(String key) {
        return CropTable.shipped().find(key).orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({"WOOD, 0.5", "HEDGE, 0.3", "BUILDING, 0.4", "TALL_CROP, 0.3"})
    void aBarrierHoldsBackWhatIsUsuallyTakenOfIt(Barrier.Kind kind, double held) {
        assertThat(kind.usuallyHeld()).isEqualTo(held);
    }

    @Test
    void theWorstOfTwoVerdictsRules() {
        assertThat(Verdict.CLEAR.worse(Verdict.TIGHT)).isEqualTo(Verdict.TIGHT);
        assertThat(Verdict.CROSSES.worse(Verdict.TIGHT)).isEqualTo(Verdict.CROSSES);
        assertThat(Verdict.TIGHT.worse(Verdict.TIGHT)).isEqualTo(Verdict.TIGHT);
    }

    @Test
    void onlyBagsAndHandsMakeFruitThatMustBeTagged() {
        assertThat(PollenControl.Kind.BAGGED.tagsFruit()).isTrue();
        assertThat(PollenControl.Kind.HAND_POLLINATED.tagsFruit()).isTrue();
        assertThat(PollenControl.Kind.CAGED.tagsFruit()).isFalse();
        assertThat(PollenControl.Kind.OPEN.tagsFruit()).isFalse();
    }

    @Test
    void aNetStopsInsectsAndNotWind() {
        assertThat(PollenControl.of(PollenControl.Kind.CAGED, true, crop("kale")))
                .isEqualTo(PollenControl.caged(true))
                .isNotEqualTo(PollenControl.of(PollenControl.Kind.CAGED, true, crop("beetroot")));
        assertThat(PollenControl.of(PollenControl.Kind.CAGED, true, crop("beetroot")))
                .isEqualTo(PollenControl.caged(false));
    }

    @Test
    void flowersLeftOpenStillShed() {
        for (PollenControl.Kind kind :
                new PollenControl.Kind[] {PollenControl.Kind.BAGGED, PollenControl.Kind.HAND_POLLINATED}) {
            assertThat(PollenControl.of(kind, true, crop("kale"))).isEqualTo(PollenControl.treated(true));
            assertThat(PollenControl.of(kind, false, crop("kale"))).isEqualTo(PollenControl.treated(false));
        }
        assertThat(PollenControl.of(PollenControl.Kind.OPEN, true, crop("kale")))
                .isEqualTo(PollenControl.OPEN);
    }

    @Test
    void walkingTakesFiveSecondsAPlant() {
        assertThat(KeepingHours.walks(720, 3)).isEqualTo(3, within(1e-9));
        assertThat(KeepingHours.hoeing(200)).isEqualTo(1, within(1e-9));
    }

    @Test
    void aCageTakesItsSettingUpItsAreaItsWeeksAndItsInsects() {
        assertThat(KeepingHours.cage(40, 5, 2)).isEqualTo(2 + 2 + 5 + 1, within(1e-9));
        Optional<BloomWindow> fourWeeks = Optional.of(new BloomWindow(JUNE, JUNE.plusDays(27)));
        int boxes = KeepingHours.introductions(crop("kale"), fourWeeks.get());
        assertThat(boxes).isPositive();
        assertThat(KeepingHours.cageWeeks(fourWeeks.get())).isEqualTo(5);
        assertThat(KeepingHours.cageWeeks(new BloomWindow(JUNE, JUNE.plusDays(28))))
                .isEqualTo(6);
        assertThat(hours(PollenControl.Kind.CAGED, crop("kale"), fourWeeks))
                .isEqualTo(2 + 40 * 0.05 + 5 + boxes * 0.5, within(1e-9));
        assertThat(KeepingHours.introductions(crop("pea"), fourWeeks.get())).isZero();
        assertThat(hours(PollenControl.Kind.CAGED, crop("kale"), Optional.empty()))
                .isZero();
    }

    @Test
    void bagsGoByPlantsAndHandsByFlowers() {
        assertThat(hours(PollenControl.Kind.OPEN, crop("kale"), Optional.empty()))
                .isZero();
        double bagged = hours(PollenControl.Kind.BAGGED, crop("kale"), Optional.empty());
        assertThat(bagged % KeepingHours.clusters(30)).isZero();
        assertThat(bagged).isGreaterThanOrEqualTo(KeepingHours.clusters(30));
        assertThat(hours(PollenControl.Kind.HAND_POLLINATED, crop("kale"), Optional.empty()))
                .isEqualTo(KeepingHours.flowers(100))
                .isEqualTo(20, within(1e-9));
    }

    private static double hours(PollenControl.Kind control, Crop crop, Optional<BloomWindow> bloom) {
        return KeepingHours.of(control, crop, bloom, 40, 30, 100);
    }

    @Test
    void hoursAddUpFromWhatIsStoodCoveredAndTouched() {
        assertThat(KeepingHours.cage(20, 6, 3)).isCloseTo(2 + 1 + 6 + 1.5, within(1e-9));
        assertThat(KeepingHours.clusters(40)).isCloseTo(6, within(1e-9));
        assertThat(KeepingHours.flowers(40)).isCloseTo(8, within(1e-9));
    }
}
