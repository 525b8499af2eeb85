package theriseed.core.selection;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import theriseed.core.crop.Crop;
import theriseed.core.crop.CropTable;
import theriseed.core.crop.Grade;
import theriseed.core.measure.OutOfRange;
import theriseed.core.population.EffectiveSize;

class SelectionTest {
    @Test
    void keepingFewerGainsMoreAndCostsMore() {
        double response = 0;
        double lost = 1;
        for (int kept : new int[] {150, 100, 50, 20, 5}) {
            SelectionResponse now = SelectionResponse.of(200, kept, 0.3, 10, SelectionResponse.Sides.BOTH, 0, kept);
            assertThat(now.response()).isGreaterThan(response);
            assertThat(now.finite()).isLessThan(now.intensity());
            response = now.response();
        }
        assertThat(SelectionResponse.of(200, 5, 0.3, 10, SelectionResponse.Sides.BOTH, 0, 5)
                        .diversityLost())
                .isEqualTo(0.1)
                .isLessThan(lost);
    }

    @Test
    void fathersThatWereNotChosenHalveTheGain() {
        double both = SelectionResponse.of(80, 20, 0.4, 5, SelectionResponse.Sides.BOTH, 0, 20)
                .response();
        assertThat(SelectionResponse.of(80, 20, 0.4, 5, SelectionResponse.Sides.MOTHERS_ONLY, 0, 20)
                        .response())
                .isCloseTo(both / 2, within(1e-12));
        assertThat(SelectionResponse.of(80, 20, 0.4, 5, SelectionResponse.Sides.MOTHERS_ONLY, 1, 20)
                        .response())
                .as("what fathers itself loses nothing")
                .isCloseTo(both, within(1e-12));
    }

    @Test
    void theFathersThatWereNotChosenKeepDiversity() {
        Crop kale = CropTable.shipped().find("kale").orElseThrow();
        assertThat(EffectiveSize.ofChosenMothers(20, 60, 0)).isCloseTo(40, within(1e-9));
        KeepTheBest.Option mothers = KeepTheBest.options(
                        kale, Grade.MARKET, 200, 0.3, 10, SelectionResponse.Sides.MOTHERS_ONLY)
                .get(2);
        KeepTheBest.Option both = KeepTheBest.options(kale, Grade.MARKET, 200, 0.3, 10, SelectionResponse.Sides.BOTH)
                .get(2);
        assertThat(mothers.kept()).isEqualTo(both.kept());
        assertThat(mothers.effectiveSize()).isGreaterThan(both.effectiveSize()).isLessThan(200);
        assertThat(mothers.response().diversityLost())
                .isCloseTo(1 / (2 * mothers.effectiveSize()), within(1e-12))
                .isLessThan(both.response().diversityLost());
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

    @Test
    void rowsThatLostPlotsAreTrustedLess() {
        ProgenyRows rows = ProgenyRows.of(
                Map.of(
                        "R1", List.of(9.0, 8.6, 9.2, 8.8),
                        "R2", List.of(9.0),
                        "R3", List.of(5.0, 5.6, 5.2),
                        "R4", List.of(6.9, 7.3)),
                ProgenyRows.Design.SCATTERED);
        assertThat(rows.freedom()).isEqualTo(6);
        assertThat(kept(rows, "R2"))
                .as("drawn farther to the middle, from one plot only")
                .isLessThan(kept(rows, "R4"));
        assertThat(kept(rows, "R4")).isLessThan(kept(rows, "R1"));
    }

    /** Share of a row's difference from the mean that is taken for its own. */
    private static double kept(ProgenyRows rows, String row) {
        return (rows.predicted().get(row) - rows.mean()) / (rows.means().get(row) - rows.mean());
    }

    @Test
    void rowsWithOnePlotEachTellNothing() {
        assertThatThrownBy(() -> ProgenyRows.of(
                        Map.of("R1", List.of(1.0), "R2", List.of(2.0), "R3", List.of(1.5)),
                        ProgenyRows.Design.SCATTERED))
                .isInstanceOf(OutOfRange.class)
                .hasMessageStartingWith("plots: 3 is outside the valid range [4,");
    }

    @Test
    void whatTheGradeAsksIsAmongTheWaysToChoose() {
        Crop kale = CropTable.shipped().find("kale").orElseThrow();
        List<KeepTheBest.Option> options =
                KeepTheBest.options(kale, Grade.MARKET, 200, 0.3, 1.5, SelectionResponse.Sides.BOTH);
        int asked = (int) kale.plants().of(Grade.MARKET);
        assertThat(options).extracting(KeepTheBest.Option::kept).contains(asked).isSorted();
        assertThat(options).allSatisfy(option -> assertThat(option.enough()).isEqualTo(option.kept() >= asked));
        for (int i = 1; i < options.size(); i++) {
            assertThat(options.get(i).response().response())
                    .isLessThan(options.get(i - 1).response().response());
            assertThat(options.get(i).effectiveSize())
                    .isGreaterThan(options.get(i - 1).effectiveSize());
        }
    }
}
