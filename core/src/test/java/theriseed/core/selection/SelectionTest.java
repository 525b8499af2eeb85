package theriseed.core.selection;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import theriseed.core.measure.OutOfRange;

class SelectionTest {
    @Test
    void keepingFewerGainsMoreAndCostsMore() {
        double response = 0;
        double lost = 1;
        for (int kept : new int[] {150, 100, 50, 20, 5}) {
            SelectionResponse now = SelectionResponse.of(200, kept, 0.3, 10, SelectionResponse.Sides.BOTH);
            assertThat(now.response()).isGreaterThan(response);
            assertThat(now.finite()).isLessThan(now.intensity());
            response = now.response();
        }
        assertThat(SelectionResponse.of(200, 5, 0.3, 10, SelectionResponse.Sides.BOTH)
                        .diversityLost())
                .isEqualTo(0.1)
                .isLessThan(lost);
    }

    @Test
    void fathersThatWereNotChosenHalveTheGain() {
        double both = SelectionResponse.of(80, 20, 0.4, 5, SelectionResponse.Sides.BOTH)
                .response();
        assertThat(SelectionResponse.of(80, 20, 0.4, 5, SelectionResponse.Sides.MOTHERS_ONLY)
                        .response())
                .isCloseTo(both / 2, within(1e-12));
    }

    @Test
    void rowsAlikeAreDrawnTogetherAndNotToldApart() {
        Map<String, List<Double>> scores =
                Map.of("R1", List.of(5.0, 7.0, 6.1), "R2", List.of(6.2, 5.1, 7.2), "R3", List.of(7.0, 6.0, 5.2));
        ProgenyRows rows = ProgenyRows.of(scores, ProgenyRows.Design.SCATTERED);
        assertThat(rows.repeatability()).isZero();
        assertThat(rows.predicted().values())
                .allSatisfy(worth -> assertThat(worth).isCloseTo(rows.mean(), within(1e-12)));
        assertThat(scores.keySet()).allMatch(rows::likeTheBest);
    }

    @Test
    void aRowFarBehindIsToldApart() {
        ProgenyRows rows = ProgenyRows.of(
                Map.of("R1", List.of(12.0, 12.2), "R2", List.of(11.9, 12.3), "R3", List.of(6.0, 6.1)),
                ProgenyRows.Design.SCATTERED);
        assertThat(rows.ranked()).endsWith("R3");
        assertThat(rows.likeTheBest("R2")).isTrue();
        assertThat(rows.likeTheBest("R3")).isFalse();
    }

    @Test
    void rowsWithoutTheSamePlotsAreRefused() {
        assertThatThrownBy(() -> ProgenyRows.of(
                        Map.of("R1", List.of(1.0, 2.0), "R2", List.of(1.0, 2.0)), ProgenyRows.Design.BLOCKS))
                .isInstanceOf(OutOfRange.class)
                .hasMessageContaining("rows");
        assertThatThrownBy(() -> ProgenyRows.of(
                        Map.of("R1", List.of(1.0, 2.0), "R2", List.of(1.0, 2.0), "R3", List.of(1.0)),
                        ProgenyRows.Design.BLOCKS))
                .isInstanceOf(OutOfRange.class);
    }
}
