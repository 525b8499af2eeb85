package theriseed.core.roguing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import theriseed.core.measure.Chance;
import theriseed.core.measure.OutOfRange;

class InspectionTest {
    @ParameterizedTest
    @CsvSource({"0.01, 0", "0.01, 1", "0.01, 5", "0.03, 0", "0.03, 2", "0.002, 0", "0.002, 3"})
    void thePlanAndTheLimitAgreeOnTheVeryPlant(double tolerance, int offTypes) {
        int plants = InspectionPlan.plants(tolerance, 0.95, offTypes, 1);
        assertThat(OffTypeLimit.of(offTypes, plants).upper()).isLessThanOrEqualTo(tolerance);
        assertThat(OffTypeLimit.of(offTypes, plants - 1).upper()).isGreaterThan(tolerance);
    }

    @Test
    void whoOverlooksSomeMustLookAtMore() {
        assertThat(InspectionPlan.plants(0.01, 0.95, 0, 0.7)).isGreaterThan(InspectionPlan.plants(0.01, 0.95, 0, 1));
    }

    @ParameterizedTest
    @ValueSource(ints = {50, 150, 400, 5000})
    void aSmallStandNeedsFewerThanASampleOfAnEndlessOne(int stand) {
        int plants = InspectionPlan.plantsOfStand(stand, 0.01, 0.95);
        assertThat(plants).isLessThanOrEqualTo(stand).isLessThanOrEqualTo(InspectionPlan.plants(0.01, 0.95, 0, 1));
    }

    @ParameterizedTest
    @CsvSource({"0, 300", "1, 300", "7, 120", "299, 300"})
    void theLimitsCoverTheShareFoundFromBothSides(int found, int lookedAt) {
        double upper = Chance.upperLimit(found, lookedAt, 0.95);
        double lower = Chance.lowerLimit(found, lookedAt, 0.95);
        double share = (double) found / lookedAt;
        assertThat(lower).isLessThanOrEqualTo(share);
        assertThat(upper).isGreaterThan(share);
        assertThat(Chance.atMost(found, lookedAt, upper)).isCloseTo(0.05, within(1e-9));
    }

    @Test
    void everyPassLeavesFewerOffTypesAndNeverNone() {
        double before = 0.02;
        for (int pass = 1; pass <= 6; pass++) {
            double left = Passes.of(0.02, 0.8, pass, 0.01).offTypesLeft();
            assertThat(left).isPositive().isLessThan(before);
            before = left;
        }
    }

    @Test
    void anOffTypePulledBeforeItFlowersFathersNothingAndOnePulledLateFathersMore() {
        assertThat(PollenDamage.shed(200, 2, 1, 0.9, 150, 190, 160, 155).seedFathered())
                .isZero();
        double early = PollenDamage.shed(200, 2, 1, 0.9, 150, 190, 160, 165).seedFathered();
        double late = PollenDamage.shed(200, 2, 1, 0.9, 150, 190, 160, 185).seedFathered();
        assertThat(early).isPositive().isLessThan(late);
        assertThat(late).as("never more than its part of the pollen").isLessThanOrEqualTo(0.9 * 2 / 200);
    }

    @Test
    void aStricterGradeGuardsAWiderRing() {
        double wide = PollenDamage.guard(10, 4, 0.9, 0.5, 0.0002).radius();
        double narrow = PollenDamage.guard(10, 4, 0.9, 0.5, 0.001).radius();
        assertThat(wide).isGreaterThan(narrow);
        assertThat(PollenDamage.guard(10, 4, 0.9, 0.5, 0.9).radius())
                .as("nothing to guard")
                .isZero();
    }

    @Test
    void moreFoundThanLookedAtIsRefused() {
        assertThatThrownBy(() -> OffTypeLimit.of(12, 10))
                .isInstanceOf(OutOfRange.class)
                .hasMessage("x: 12 is outside the valid range [0, 10] plants");
    }
}
