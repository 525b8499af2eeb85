package theriseed.core.isolation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import theriseed.core.crop.Crop;
import theriseed.core.crop.CropTable;
import theriseed.core.crop.Grade;
import theriseed.core.isolation.PollenFlow.Source;
import theriseed.core.measure.OutOfRange;

class PollenFlowTest {
    private static final PollenFlow FLOW = PollenFlow.calibrated(0.4, 0.001, 800);

    private static Source at(double metres) {
        return new Source(metres, 400, 1, 0, 1);
    }

    @ParameterizedTest
    @CsvSource({"0.4, 800", "0.03, 10", "0.9, 1600"})
    void atTheRequiredDistanceItIsTheTarget(double adjacent, double required) {
        PollenFlow flow = PollenFlow.calibrated(adjacent, 0.001, required);
        assertThat(flow.at(0)).isCloseTo(adjacent, within(1e-15));
        assertThat(flow.at(required)).isCloseTo(0.001, within(1e-12));
        assertThat(flow.metresUntil(0.001)).isCloseTo(required, within(1e-6));
    }

    @Test
    void noCropIsEstimatedOverItsGradeAtTheDistanceItAsks() {
        for (Crop crop : CropTable.shipped().all()) {
            if (crop.isolation().isEmpty()) {
                continue;
            }
            PollenFlow flow = PollenFlow.of(crop);
            for (Grade grade : Grade.values()) {
                double asked = crop.isolation().get().of(grade);
                assertThat(flow.at(asked))
                        .as(crop.key() + " " + grade)
                        .isLessThanOrEqualTo(grade.crossingAllowed() * (1 + 1e-9));
                double until = flow.metresUntil(grade.crossingAllowed());
                assertThat(until).as(crop.key() + " " + grade).isLessThanOrEqualTo(asked * (1 + 1e-9));
            }
            for (double metres = 0; metres < 5000; metres += 13) {
                assertThat(flow.at(metres + 13)).as(crop.key()).isLessThan(flow.at(metres));
                assertThat(flow.metresUntil(flow.at(metres))).isCloseTo(metres, within(1e-6 * (1 + metres)));
            }
        }
    }

    @Test
    void theMeanBehindRowsThatAreDroppedIsTheKernelSummedUp() {
        PollenFlow flow = PollenFlow.of(CropTable.shipped().find("carrot").orElseThrow());
        double sum = 0;
        for (int step = 0; step < 149_500; step++) {
            sum += flow.at(15.005 + step * 0.01) * 0.01;
        }
        assertThat(flow.meanBehind(10, 1500, 5)).isCloseTo(sum / 1495, within(1e-9));
        assertThat(flow.meanBehind(300, 1.2, 1.5)).as("no row is left").isCloseTo(flow.at(301.2), within(1e-15));
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
        assertThatThrownBy(() -> PollenFlow.calibrated(adjacent, target, required))
                .isInstanceOf(OutOfRange.class)
                .hasMessageContaining("outside the valid range");
    }
}
