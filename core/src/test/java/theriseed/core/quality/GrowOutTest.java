package theriseed.core.quality;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import theriseed.core.crop.Grade;
import theriseed.core.measure.OutOfRange;
import theriseed.core.quality.GrowOut.Shows;

class GrowOutTest {
    /** Three in so many, the rule of three: 299 plants without an off-type show 1 % with 95 % confidence, 298 do not. */
    @Test
    void soManyPlantsWithoutAnOffTypeShowWhatTheGradeAllows() {
        for (Grade grade : new Grade[] {Grade.OWN_USE, Grade.MARKET, Grade.STOCK}) {
            int enough = GrowOut.enough(grade);
            assertThat(GrowOut.of(enough, 0).at(grade)).isEqualTo(Shows.WITHIN);
            assertThat(GrowOut.of(enough - 1, 0).at(grade)).isEqualTo(Shows.NOTHING);
        }
        assertThat(GrowOut.enough(Grade.MARKET)).isEqualTo(299);
    }

    @Test
    void offTypesAreOverWhatIsAllowedOnlyWhenChanceHardlyExplainsThem() {
        GrowOut five = GrowOut.of(100, 5);
        assertThat(five.share()).isEqualTo(0.05);
        assertThat(five.lower()).isCloseTo(0.0199, within(1e-4));
        assertThat(five.at(Grade.MARKET)).isEqualTo(Shows.OVER);
        assertThat(GrowOut.of(100, 2).at(Grade.MARKET)).isEqualTo(Shows.NOTHING);
        assertThat(GrowOut.of(100, 2).at(Grade.STOCK)).isEqualTo(Shows.OVER);
    }

    @Test
    void moreOffTypesThanPlantsCannotBe() {
        assertThatThrownBy(() -> GrowOut.of(50, 51))
                .isInstanceOf(OutOfRange.class)
                .hasMessageContaining("offTypes");
        assertThatThrownBy(() -> GrowOut.of(9, 0))
                .isInstanceOf(OutOfRange.class)
                .hasMessageContaining("plants");
    }
}
