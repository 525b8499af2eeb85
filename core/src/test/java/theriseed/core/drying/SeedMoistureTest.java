package theriseed.core.drying;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import theriseed.core.crop.Crop;
import theriseed.core.crop.CropTable;
import theriseed.core.drying.SeedMoisture.By;
import theriseed.core.drying.SeedMoisture.Part;

class SeedMoistureTest {
    private static final Crop CUCUMBER = CropTable.shipped().find("cucumber").orElseThrow();

    /** 140 g at 45 % hold 77 g of dry matter, which is 70 % of 110 g. */
    @Test
    void whatATrayLostTellsWhatIsLeft() {
        SeedMoisture left = SeedMoisture.measured(45, 1).weighing(140, 110).orElseThrow();
        assertThat(left.percent()).isCloseTo(30, within(1e-9));
        assertThat(left.by()).isEqualTo(By.WEIGHT);
        assertThat(left.high() - left.percent()).isCloseTo(140 / 110.0, within(1e-9));
    }

    @Test
    void lighterThanItsDryMatterNothingCanBe() {
        assertThat(SeedMoisture.measured(45, 1).weighing(140, 76)).isEmpty();
        assertThat(SeedMoisture.measured(45, 1)
                        .weighing(140, 77.5)
                        .orElseThrow()
                        .low())
                .isZero();
    }

    @Test
    void togetherItIsAsItsPartsByWeightAndNoBetterKnownThanTheWorst() {
        SeedMoisture both = SeedMoisture.together(List.of(
                        new Part(100, Optional.of(SeedMoisture.measured(6, 1))),
                        new Part(300, Optional.of(SeedMoisture.settled(CUCUMBER, 20, 50)))))
                .orElseThrow();
        double settled = SeedMoisture.settled(CUCUMBER, 20, 50).percent();
        assertThat(both.percent()).isCloseTo((6 + 3 * settled) / 4, within(1e-9));
        assertThat(both.by()).isEqualTo(By.AIR);
        assertThat(SeedMoisture.together(List.of(
                        new Part(100, Optional.of(SeedMoisture.measured(6, 1))), new Part(1, Optional.empty()))))
                .isEmpty();
    }

    /** Of maize at 70 % and 25 °C the equation of its own says 14.2 %, the general one 15.7 %. */
    @Test
    void inDampAirSeedMayBeDrierThanTheGeneralEquationSays() {
        Crop maize = CropTable.shipped().find("sweetcorn").orElseThrow();
        SeedMoisture damp = SeedMoisture.settled(maize, 25, 70);
        assertThat(damp.low()).isLessThan(14.2);
        assertThat(damp.percent() - damp.low()).isCloseTo(4, within(1e-9));
        SeedMoisture dry = SeedMoisture.settled(maize, 25, 30);
        assertThat(dry.percent() - dry.low()).isCloseTo(1.5, within(1e-9));
    }

    @Test
    void drynessIsAskedByWhatIsToBeDone() {
        double sealed = CUCUMBER.storageMoisture().orElseThrow();
        assertThat(Dryness.toSeal(CUCUMBER, Optional.of(SeedMoisture.measured(sealed + 0.5, 1))))
                .isEqualTo(Dryness.DRY_ENOUGH);
        assertThat(Dryness.toSeal(CUCUMBER, Optional.of(SeedMoisture.measured(sealed + 0.6, 1))))
                .isEqualTo(Dryness.TOO_DAMP);
        assertThat(Dryness.toFreeze(Optional.of(SeedMoisture.measured(sealed + 0.6, 1))))
                .isEqualTo(Dryness.DRY_ENOUGH);
        assertThat(Dryness.toFreeze(Optional.empty())).isEqualTo(Dryness.UNKNOWN);
    }
}
