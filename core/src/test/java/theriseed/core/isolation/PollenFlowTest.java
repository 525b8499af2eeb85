package theriseed.core.isolation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import theriseed.core.isolation.PollenFlow.Source;
import theriseed.core.measure.OutOfRange;

class PollenFlowTest {
    private static final PollenFlow FLOW = PollenFlow.calibrated(0.4, PollenFlow.TARGET, 800, PollenFlow.USUAL_SHAPE);

    private static Source at(double metres) {
        return new Source(metres, 400, 1, 0, 1);
    }

    @ParameterizedTest
    @CsvSource({"0.4, 800, 0.5", "0.03, 10, 0.5", "0.9, 1600, 1", "0.2, 400, 2"})
    void atTheRequiredDistanceItIsTheTarget(double adjacent, double required, double shape) {
        PollenFlow flow = PollenFlow.calibrated(adjacent, 0.001, required, shape);
        assertThat(flow.at(0)).isEqualTo(adjacent);
        assertThat(flow.at(required)).isCloseTo(0.001, within(1e-12));
        assertThat(flow.requiredMetres(1)).isCloseTo(required, within(1e-6));
    }

    @Test
    void itFallsWithEveryMetre() {
        double before = FLOW.at(0);
        for (int metres = 1; metres <= 3000; metres += 7) {
            double now = FLOW.at(metres);
            assertThat(now).isPositive().isLessThan(before);
            before = now;
        }
    }

    @Test
    void halfTheOverlapOrABarrierOrPartCompatibilityEachTakesItsShare() {
        double open = FLOW.from(at(300), 600);
        assertThat(FLOW.from(new Source(300, 400, 0.5, 0, 1), 600)).isCloseTo(open / 2, within(1e-15));
        assertThat(FLOW.from(new Source(300, 400, 1, 0.75, 1), 600)).isCloseTo(open / 4, within(1e-15));
        assertThat(FLOW.from(new Source(300, 400, 1, 0, 0.02), 600)).isCloseTo(open / 50, within(1e-15));
        assertThat(FLOW.from(new Source(300, 400, 0, 0, 1), 600)).isZero();
    }

    @Test
    void aLargerSourceGivesMoreButItsShareStaysWithinBounds() {
        double small = FLOW.from(new Source(300, 0.001, 1, 0, 1), 600);
        double large = FLOW.from(new Source(300, 1e9, 1, 0, 1), 600);
        assertThat(small / FLOW.at(300)).isCloseTo(0.05, within(1e-12));
        assertThat(large / FLOW.at(300)).isCloseTo(0.95, within(1e-12));
    }

    @Test
    void severalSourcesTogetherAreMoreThanTheWorstAndLessThanTheirSum() {
        List<Source> sources = List.of(at(200), at(350), at(900));
        double sum =
                sources.stream().mapToDouble(source -> FLOW.from(source, 600)).sum();
        double total = FLOW.total(sources, 600, 0.9);
        assertThat(total).isBetween(FLOW.from(at(200), 600), sum);
        assertThat(FLOW.total(List.of(), 600, 0.9)).isZero();
    }

    @Test
    void noCropIsCrossedMoreThanItCrossesAtAll() {
        List<Source> crowd = List.of(at(0), at(1), at(2), at(3), at(4), at(5));
        assertThat(FLOW.total(crowd, 600, 0.3)).isEqualTo(0.3);
    }

    @Test
    void aRarelyCompatibleSourceMayStandNearer() {
        assertThat(FLOW.requiredMetres(0.02)).isLessThan(FLOW.requiredMetres(0.5));
        assertThat(FLOW.requiredMetres(0.002))
                .as("never reaches the target at all")
                .isZero();
    }

    @ParameterizedTest
    @ValueSource(doubles = {1, 5, 10, 20})
    void droppingTheFacingEdgeHelpsNearASourceAndHardlyFarAway(double dropped) {
        double near = FLOW.meanBehind(5, 25, dropped) / FLOW.meanBehind(5, 25, 0);
        double far = FLOW.meanBehind(600, 25, dropped) / FLOW.meanBehind(600, 25, 0);
        assertThat(near).isLessThan(far);
        assertThat(far).isLessThan(1);
    }

    @ParameterizedTest
    @CsvSource({"0, 0.001, 800", "1.2, 0.001, 800", "0.4, 0.4, 800", "0.4, 0.001, 0", "0.4, 0.001, 30000"})
    void nothingIsCalibratedFromNonsense(double adjacent, double target, double required) {
        assertThatThrownBy(() -> PollenFlow.calibrated(adjacent, target, required, 0.5))
                .isInstanceOf(OutOfRange.class)
                .hasMessageContaining("outside the valid range");
    }
}
