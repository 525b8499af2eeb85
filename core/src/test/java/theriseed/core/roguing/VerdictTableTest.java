package theriseed.core.roguing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import theriseed.core.crop.Grade;
import theriseed.core.roguing.WalkVerdict.Mark;

/** What is carried into the rows says the same as what is calculated on the spot. */
class VerdictTableTest {
    @ParameterizedTest
    @CsvSource({"OWN_USE, 60", "MARKET, 1200", "MARKET, 74", "STOCK, 3000"})
    void everyCountHasTheVerdictTheRulesGiveIt(Grade grade, int stand) {
        VerdictTable table = VerdictTable.of(grade, stand);
        for (int offTypes = 0; offTypes < table.rows().size(); offTypes += 3) {
            VerdictTable.Row row = table.rows().get(offTypes);
            for (int plants = Math.max(1, offTypes); plants <= stand; plants += Math.max(1, stand / 60)) {
                WalkVerdict told = WalkVerdict.of(grade, offTypes, plants, stand);
                Mark mark = plants >= stand
                        ? offTypes <= table.letPass() ? Mark.SHOWN : Mark.OVER
                        : plants >= row.shownFrom() ? Mark.SHOWN : plants <= row.overUpTo() ? Mark.OVER : Mark.NOT_YET;
                assertThat(mark).as(offTypes + " of " + plants).isEqualTo(told.mark());
                if (mark == Mark.NOT_YET) {
                    assertThat(row.shownFrom() - plants).isEqualTo(told.more());
                }
                assertThat(upper(table, row, plants))
                        .as(offTypes + " of " + plants)
                        .isCloseTo(
                                told.limit().upper(), within(0.03 * told.limit().upper() + 1e-9));
            }
        }
    }

    /** As the screen reads it: on a straight line in 1/plants between the two numbers it lies between. */
    private static double upper(VerdictTable table, VerdictTable.Row row, int plants) {
        List<Integer> at = table.at();
        int i = 0;
        while (at.get(i) < plants) {
            i++;
        }
        if (at.get(i) == plants) {
            return row.upper().get(i);
        }
        double low = 1.0 / at.get(i - 1);
        double high = 1.0 / at.get(i);
        double part = (1.0 / plants - low) / (high - low);
        return row.upper().get(i - 1) + part * (row.upper().get(i) - row.upper().get(i - 1));
    }

    @Test
    void wholeStandsPassWithJustTheShareTheirGradeAllows() {
        assertThat(VerdictTable.of(Grade.MARKET, 300).letPass()).isEqualTo(3);
        assertThat(VerdictTable.of(Grade.MARKET, 299).letPass()).isEqualTo(2);
        assertThat(VerdictTable.of(Grade.STOCK, 500).letPass()).isEqualTo(1);
    }

    @Test
    void aTableForAMillionPlantsIsSmallEnoughForAPhone() {
        VerdictTable table = VerdictTable.of(Grade.MARKET, 1_000_000);
        assertThat(table.at()).hasSizeLessThan(100).doesNotHaveDuplicates().isSorted();
        assertThat(table.at().get(0)).isEqualTo(1);
        assertThat(table.at().get(table.at().size() - 1)).isEqualTo(1_000_000);
    }
}
