package theriseed.core.drying;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import theriseed.core.measure.OutOfRange;

class DryingTest {
    private static final double[] HOURS = {0, 3, 8, 20, 40};

    /** Masses of 4 kg at 30 % drying towards 7 % by a known curve. */
    private static double[] masses(double k, double n) {
        double dry = 4000 * 0.7;
        double first = WaterContent.dryBasis(30);
        double left = WaterContent.dryBasis(7);
        return Arrays.stream(HOURS)
                .map(t -> dry * (1 + (left + (first - left) * Math.exp(-k * Math.pow(t, n))) / 100))
                .toArray();
    }

    @ParameterizedTest
    @CsvSource({"0.05, 0.9", "0.12, 0.7", "0.03, 1.1"})
    void aKnownCurveIsFoundAgain(double k, double n) {
        DryingCurve curve = DryingCurve.through(HOURS, masses(k, n), 30, 7, 9, DryingCurve.Shape.PAGE);
        assertThat(curve.k()).isCloseTo(k, within(1e-9));
        assertThat(curve.n()).isCloseTo(n, within(1e-9));
        assertThat(curve.misfit()).isCloseTo(0, within(1e-9));
        assertThat(Math.exp(-k * Math.pow(curve.hoursToTarget(), n))).isCloseTo(curve.targetRatio(), within(1e-9));
    }

    @Test
    void aRisingMassOrOneThatTheAirCannotLeaveIsRefused() {
        double[] rising = masses(0.05, 0.9);
        rising[3] = rising[2] + 10;
        assertThatThrownBy(() -> DryingCurve.through(HOURS, rising, 30, 7, 9, DryingCurve.Shape.PAGE))
                .isInstanceOf(OutOfRange.class)
                .hasMessageContaining("masses[3]");
        double[] tooDry = masses(0.05, 0.9);
        tooDry[4] = 2900;
        assertThatThrownBy(() -> DryingCurve.through(HOURS, tooDry, 30, 7, 9, DryingCurve.Shape.PAGE))
                .isInstanceOf(OutOfRange.class)
                .hasMessageContaining("masses[4]");
        assertThatThrownBy(() -> DryingCurve.through(HOURS, masses(0.05, 0.9), 30, 7, 6, DryingCurve.Shape.PAGE))
                .isInstanceOf(OutOfRange.class)
                .hasMessageContaining("mt");
    }

    @Test
    void humidityAndEquilibriumAreEachOthersInverse() {
        for (double humidity = 0.1; humidity <= 0.85; humidity += 0.05) {
            double moisture = WaterContent.wetBasis(Equilibrium.dryBasis(humidity, 22, 0.3));
            assertThat(Equilibrium.humidity(moisture, 22, 0.3)).isCloseTo(humidity, within(1e-12));
        }
    }

    @Test
    void damperAirLeavesMoreWaterAndOilLess() {
        assertThat(Equilibrium.dryBasis(0.5, 20, 0.1)).isGreaterThan(Equilibrium.dryBasis(0.4, 20, 0.1));
        assertThat(Equilibrium.dryBasis(0.5, 20, 0.4)).isLessThan(Equilibrium.dryBasis(0.5, 20, 0.1));
        assertThat(Equilibrium.dryBasis(0.5, 30, 0.1)).isLessThan(Equilibrium.dryBasis(0.5, 20, 0.1));
    }

    @ParameterizedTest
    @CsvSource({"18.1, 32", "18, 38", "10, 38", "9.9, 43"})
    void damperSeedTakesCoolerAir(double moisture, int warmest) {
        assertThat(DryingAir.warmest(moisture)).isEqualTo(warmest);
        assertThat(DryingAir.dehydrator(moisture)).isLessThanOrEqualTo(Math.min(35, warmest));
    }

    @Test
    void gelEnoughInOneJarIsOneCharge() {
        assertThat(SilicaGel.of(500, 9, 6, 0.1, 160).charges()).isEqualTo(1);
        assertThat(SilicaGel.of(500, 9, 9, 0.1, 160).charges()).isZero();
        assertThatThrownBy(() -> SilicaGel.of(500, 9, 10, 0.1, 160))
                .isInstanceOf(OutOfRange.class)
                .hasMessageContaining("mt");
    }

    @Test
    void anOvenTestNeedsItsMassesInOrder() {
        assertThat(WaterContent.oven(10, 15, 15)).isZero();
        assertThatThrownBy(() -> WaterContent.oven(10, 15, 15.1)).hasMessageContaining("M3");
        assertThatThrownBy(() -> WaterContent.oven(10, 9, 9)).hasMessageContaining("M2");
    }
}
