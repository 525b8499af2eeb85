package theriseed.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class RangeTest {
    @Test
    void endsBelongOnlyWhereTheBracketIsSquare() {
        assertThat(Range.of(0, 1, "").check("x", 1.0)).isEqualTo(1);
        assertThatThrownBy(() -> Range.above(0, 1, "").check("x", 0.0)).hasMessageContaining("(0, 1]");
        assertThatThrownBy(() -> Range.below(0, 1, "").check("x", 1.0)).hasMessageContaining("[0, 1)");
        assertThatThrownBy(() -> Range.between(0, 1, "").check("x", 1.0)).hasMessageContaining("(0, 1)");
    }

    @ParameterizedTest
    @ValueSource(doubles = {Double.NaN, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY})
    void whatIsNoNumberIsRefused(double value) {
        assertThatThrownBy(() -> Range.of(0, 100, "g").check("mass", value)).isInstanceOf(OutOfRange.class);
    }

    @Test
    void theMessageNamesFieldValueRangeAndUnit() {
        assertThatThrownBy(() -> Range.above(0, 1e6, "kg").check("fruit_kg", -2.5))
                .hasMessage("fruit_kg: -2.5 is outside the valid range (0, 1000000] kg");
    }

    @Test
    void exactLimitsHoldWhatTheySay() {
        double upper = Chance.upperLimit(3, 800, 0.95);
        assertThat(Chance.atMost(3, 800, upper)).isCloseTo(0.05, org.assertj.core.api.Assertions.within(1e-9));
        assertThat(Chance.upperLimit(5, 5, 0.95)).isEqualTo(1);
        assertThat(Chance.lowerLimit(0, 5, 0.95)).isZero();
        assertThat(Chance.atLeastClustered(8, 10, 0.9, 0.1)).isLessThan(Chance.atLeast(8, 10, 0.9));
    }
}
