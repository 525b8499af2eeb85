package theriseed.core.bloom;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class BloomCurveTest {
    @ParameterizedTest
    @CsvSource({
        "FLAT, 0.1, 1, 0.1",
        "FLAT, 0.7, 1, 0.7",
        "TRIANGLE, 0.25, 0.5, 0.125",
        "TRIANGLE, 0.5, 1, 0.5",
        "TRIANGLE, 0.75, 0.5, 0.875",
        "BELL, 0.25, 0.5, 0.090845",
        "BELL, 0.5, 1, 0.5",
        "BELL, 0.75, 0.5, 0.909155"
    })
    void swellsAndFades(BloomCurve curve, double u, double intensity, double passed) {
        assertThat(curve.at(u)).isEqualTo(intensity, within(1e-9));
        assertThat(curve.passed(u)).isEqualTo(passed, within(1e-6));
    }

    @ParameterizedTest
    @EnumSource
    void isNothingOutsideItsWindow(BloomCurve curve) {
        for (double before : new double[] {-1, 0}) {
            assertThat(curve.at(before)).isZero();
            assertThat(curve.passed(before)).isZero();
        }
        for (double after : new double[] {1, 2}) {
            assertThat(curve.at(after)).isZero();
            assertThat(curve.passed(after)).isEqualTo(1);
        }
    }

    /** What has passed is the sum of what bloomed, in shares of all of it. */
    @ParameterizedTest
    @EnumSource
    void whatHasPassedIsWhatBloomed(BloomCurve curve) {
        int steps = 100_000;
        double all = 0;
        for (int i = 0; i < steps; i++) {
            all += curve.at((i + 0.5) / steps);
        }
        double sum = 0;
        for (int i = 0; i < steps; i++) {
            sum += curve.at((i + 0.5) / steps);
            if (i % 9_999 == 0) {
                assertThat(curve.passed((i + 1.0) / steps)).isEqualTo(sum / all, within(1e-6));
            }
        }
    }
}
