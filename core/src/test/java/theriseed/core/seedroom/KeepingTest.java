package theriseed.core.seedroom;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import theriseed.core.crop.Crop;
import theriseed.core.crop.CropTable;
import theriseed.core.measure.OutOfRange;
import theriseed.core.seedroom.Keeping.Basis;
import theriseed.core.seedroom.Keeping.Stay;
import theriseed.core.seedroom.Keeping.Tested;

class KeepingTest {
    private static final LocalDate COUNTED = LocalDate.of(2025, 1, 1);
    private static final Crop ONION = crop("onion");
    private static final Crop CARROT = crop("carrot");

    private static Crop crop(String key) {
        return CropTable.shipped().find(key).orElseThrow();
    }

    private static Tested counted(double germination) {
        return new Tested(COUNTED, germination, germination - 4, Math.min(100, germination + 3));
    }

    private static Keeping kept(Crop crop, double germination, LocalDate today, Stay... stays) {
        return Keeping.of(crop, counted(germination), List.of(stays), 75, today);
    }

    @Test
    void aFittedSpeciesFallsByItsOwnConstants() {
        Keeping onion = kept(ONION, 95, COUNTED.plusDays(365), new Stay(COUNTED, 15, 8));
        assertThat(onion.basis()).isEqualTo(Basis.FITTED);
        assertThat(onion.now().middle()).isCloseTo(91.67362, within(1e-4));
        assertThat(onion.below().middle()).contains(COUNTED.plusDays(1354));
        assertThat(onion.retestOn()).isEqualTo(COUNTED.plusDays(365));
    }

    @Test
    void everyPlaceItStoodInCounts() {
        Stay[] stays = {
            new Stay(COUNTED.minusDays(20), 28, 11),
            new Stay(COUNTED.plusDays(60), 15, 8),
            new Stay(COUNTED.plusDays(360), 5, 8)
        };
        Tested test = counted(95);
        assertThat(Keeping.course(ONION, test, List.of(stays), 1).applyAsDouble(COUNTED.plusDays(60)))
                .isCloseTo(81.58189, within(1e-4));
        assertThat(Keeping.course(ONION, test, List.of(stays), 1).applyAsDouble(COUNTED.plusDays(360)))
                .isCloseTo(75.32307, within(1e-4));
        assertThat(Keeping.course(ONION, test, List.of(stays), 1).applyAsDouble(COUNTED.plusDays(725)))
                .isCloseTo(72.54939, within(1e-4));
        assertThat(Keeping.of(ONION, test, List.of(stays), 80, COUNTED.plusDays(70))
                        .below()
                        .middle())
                .hasValueSatisfying(day -> assertThat(
                                Keeping.course(ONION, test, List.of(stays), 1).applyAsDouble(day))
                        .isCloseTo(80, within(0.2)));
    }

    @Test
    void aPlaceLeftBeforeTheTestIsForgotten() {
        Stay now = new Stay(COUNTED.minusDays(100), 5, 7);
        assertThat(kept(ONION, 95, COUNTED.plusDays(900), new Stay(COUNTED.minusDays(300), 35, 12), now))
                .isEqualTo(kept(ONION, 95, COUNTED.plusDays(900), now));
    }

    @ParameterizedTest
    @CsvSource({"onion, 95", "carrot, 88", "pea, 99.9", "tomato, 76"})
    void theForecastLiesBetweenItsEnds(String key, double germination) {
        for (int days = 0; days < 2000; days += 190) {
            Keeping kept = kept(crop(key), germination, COUNTED.plusDays(days), new Stay(COUNTED, 18, 9));
            assertThat(kept.now().lower()).isLessThanOrEqualTo(kept.now().middle());
            assertThat(kept.now().middle()).isLessThanOrEqualTo(kept.now().upper());
            LocalDate far = COUNTED.plusYears(99);
            assertThat(kept.below().earliest().orElse(far))
                    .isBeforeOrEqualTo(kept.below().middle().orElse(far));
            assertThat(kept.below().middle().orElse(far))
                    .isBeforeOrEqualTo(kept.below().latest().orElse(far));
        }
    }

    @Test
    void otherCropsKeepAsLongAsTheTableSaysInACoolDryPlace() {
        double settled = Keeping.settlesAt(CARROT, 12.5, 40);
        Tested good = new Tested(COUNTED, 95, 93, 97);
        Keeping carrot = Keeping.of(
                CARROT, good, List.of(new Stay(COUNTED, 12.5, settled)), CARROT.germinationStandard(), COUNTED);
        assertThat(carrot.basis()).isEqualTo(Basis.RULE_OF_THUMB);
        LocalDate after = COUNTED.plusDays(Math.round(CARROT.storageYears() * 365.25));
        assertThat(carrot.below().middle())
                .hasValueSatisfying(day -> assertThat(day).isBetween(after.minusDays(1), after));
    }

    @Test
    void drierAndColderIsLongerAndBeyondTheRuleIsSaid() {
        Stay here = new Stay(COUNTED, 15, 9);
        assertThat(Keeping.timesLonger(CARROT, here, new Stay(COUNTED, 15, 8))).isCloseTo(2, within(1e-9));
        assertThat(Keeping.timesLonger(CARROT, here, new Stay(COUNTED, 5, 9))).isCloseTo(4, within(1e-9));
        Keeping frozen = kept(CARROT, 90, COUNTED, new Stay(COUNTED, -18, 6));
        assertThat(frozen.taken()).isTrue();
        assertThat(frozen.below().middle()).isEmpty();
        assertThat(kept(ONION, 90, COUNTED, new Stay(COUNTED, -18, 6)).taken()).isFalse();
    }

    @Test
    void openSeedSettlesWetterInDamperAir() {
        assertThat(Keeping.settlesAt(CARROT, 14, 47)).isBetween(8.0, 11.0);
        assertThat(Keeping.settlesAt(CARROT, 14, 70)).isGreaterThan(Keeping.settlesAt(CARROT, 14, 47));
        assertThat(Keeping.settlesAt(crop("sunflower"), 14, 47)).isLessThan(Keeping.settlesAt(CARROT, 14, 47));
    }

    @Test
    void nonsenseIsRefusedByName() {
        assertThatThrownBy(() -> new Stay(COUNTED, 80, 8)).hasMessageStartingWith("celsius: 80");
        assertThatThrownBy(() -> new Stay(COUNTED, 8, 80)).hasMessageStartingWith("moisture: 80");
        assertThatThrownBy(() -> Keeping.of(ONION, counted(90), List.of(), 75, COUNTED))
                .isInstanceOf(OutOfRange.class);
        assertThatThrownBy(() -> kept(ONION, 90, COUNTED.minusDays(1), new Stay(COUNTED, 8, 8)))
                .isInstanceOf(OutOfRange.class);
    }
}
