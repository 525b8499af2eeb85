package theriseed.core.roguing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import theriseed.core.crop.Grade;
import theriseed.core.roguing.WalkVerdict.Mark;

/** What is carried into the rows says the same as what is calculated on the spot. */
class VerdictTableTest {
    private static final double EYE = 0.9;

    @ParameterizedTest
    @CsvSource({"OWN_USE, 60, 0, true", "MARKET, 1200, 0, true", "MARKET, 1200, 500, true", "STOCK, 900, 400, false"})
    void everyCountHasTheVerdictTheRulesGiveIt(Grade grade, int stand, int before, boolean others) {
        List<Pass> walked = before == 0 ? List.of() : List.of(Pass.of(before, 1, 1, EYE));
        VerdictTable table = VerdictTable.of(grade, stand, walked, EYE, others);
        assertThat(table.at()).isSorted().endsWith(table.reach());
        for (int offTypes = 0; offTypes < table.rows().size(); offTypes += 3) {
            VerdictTable.Row row = table.rows().get(offTypes);
            for (int plants = Math.max(1, offTypes);
                    plants <= table.reach();
                    plants += Math.max(1, table.reach() / 40)) {
                Pass now = Pass.of(plants, offTypes, offTypes, EYE);
                WalkVerdict told = WalkVerdict.of(
                        grade,
                        stand,
                        Stream.concat(walked.stream(), Stream.of(others ? now.throughOthers() : now))
                                .toList());
                Mark mark = row.shownFrom() > 0 && plants >= row.shownFrom()
                        ? Mark.SHOWN
                        : plants <= row.overUpTo() ? Mark.OVER : Mark.NOT_YET;
                assertThat(mark).as(offTypes + " of " + plants).isEqualTo(told.mark());
                if (mark == Mark.NOT_YET && others) {
                    assertThat(row.shownFrom() == 0 ? 0 : row.shownFrom() - plants)
                            .isEqualTo(told.more());
                }
                int most = row.most().get(column(table, plants));
                assertThat(most).isGreaterThanOrEqualTo(told.most());
                assertThat(most).isLessThanOrEqualTo(2 * (1 + told.most()));
            }
        }
    }

    private static int column(VerdictTable table, int plants) {
        int column = 0;
        while (column + 1 < table.at().size() && table.at().get(column + 1) <= plants) {
            column++;
        }
        return column;
    }

    @Test
    void aTableForAMillionPlantsIsSmallEnoughForAPhone() {
        VerdictTable table = VerdictTable.of(Grade.MARKET, 1_000_000, List.of(), EYE, true);
        assertThat(table.at()).hasSizeLessThan(100).doesNotHaveDuplicates().isSorted();
        assertThat(table.at().get(0)).isEqualTo(1);
        assertThat(table.reach()).isEqualTo(1_000_000);
    }

    @Test
    void aStandThatWasPulledToTheLastPlantHasNothingToTell() {
        VerdictTable table = VerdictTable.of(Grade.MARKET, 3, List.of(Pass.of(3, 3, 3, EYE)), EYE, false);
        assertThat(table.rows()).isEmpty();
    }
}
