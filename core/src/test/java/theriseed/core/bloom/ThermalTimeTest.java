package theriseed.core.bloom;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class ThermalTimeTest {
    private static final double BASE = 10;
    private static final double UPPER = 30;

    @ParameterizedTest
    @EnumSource(ThermalTime.class)
    void aDayWhollyBetweenTheThresholdsCountsItsMeanByEveryMethod(ThermalTime method) {
        assertThat(method.of(14, 26, BASE, UPPER)).isCloseTo(10, within(1e-12));
    }

    @ParameterizedTest
    @EnumSource(ThermalTime.class)
    void aColdDayCountsNothingAndAHotOneNoMoreThanTheUpperThreshold(ThermalTime method) {
        assertThat(method.of(-3, 9, BASE, UPPER)).isCloseTo(0, within(1e-12));
        assertThat(method.of(32, 44, BASE, UPPER)).isCloseTo(20, within(1e-12));
    }

    @ParameterizedTest
    @EnumSource(ThermalTime.class)
    void warmerIsNeverSlower(ThermalTime method) {
        double before = 0;
        for (int shift = -20; shift <= 40; shift++) {
            double now = method.of(shift, shift + 12, BASE, UPPER);
            assertThat(now).isGreaterThanOrEqualTo(before - 1e-12);
            before = now;
        }
    }

    @ParameterizedTest
    @CsvSource({"5, 14, 6.5", "8, 12, 9"})
    void thePredictionIsTheFirstDayThatReachesTheSum(double perDay, int requirement, double unused) {
        ThermalPrediction prediction =
                ThermalPrediction.of(100, requirement, day -> perDay).orElseThrow();
        int needed = (int) Math.ceil(requirement / perDay);
        assertThat(prediction.day()).isEqualTo(100 + needed - 1);
        assertThat(prediction.exact()).isBetween(prediction.day() - 1.0, (double) prediction.day());
    }

    @Test
    void whereItIsNeverWarmEnoughNothingIsPredicted() {
        assertThat(ThermalPrediction.of(1, 500, day -> 0)).isEmpty();
        assertThat(ThermalPrediction.of(1, 500, day -> 0.5))
                .as("not within two years")
                .isEmpty();
    }

    @Test
    void coldCountsBetweenFrostAndTenDegreesOnly() {
        assertThat(Vernalisation.ofDay(2, 8)).isCloseTo(1, within(1e-12));
        assertThat(Vernalisation.ofDay(-12, -2)).isCloseTo(0, within(1e-12));
        assertThat(Vernalisation.ofDay(11, 22)).isCloseTo(0, within(1e-12));
        assertThat(Vernalisation.ofDay(5, 15)).as("half the day below ten").isCloseTo(0.5, within(1e-12));
    }

    @Test
    void aForecastFurtherAheadIsLessSure() {
        double before = 0;
        for (int days = 10; days <= 120; days += 10) {
            double now = ForecastSpread.of(days, 3.2, 0.6, 11, 35, 0.8).days();
            assertThat(now).isGreaterThan(before);
            before = now;
        }
    }
}
