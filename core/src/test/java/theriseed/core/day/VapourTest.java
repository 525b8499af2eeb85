package theriseed.core.day;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import theriseed.core.measure.OutOfRange;

class VapourTest {
    @Test
    void warmAirHoldsMoreAndDampAirLacksLess() {
        assertThat(Vapour.saturation(20)).isCloseTo(2.338, within(0.001));
        assertThat(Vapour.deficit(20, 50)).isCloseTo(Vapour.saturation(20) / 2, within(1e-12));
        assertThat(Vapour.deficit(20, 100)).isZero();
    }

    @Test
    void airAtItsDewPointIsFull() {
        assertThat(Vapour.humidity(12, 12)).isEqualTo(100);
        assertThat(Vapour.humidity(12, 14)).isEqualTo(100);
        assertThat(Vapour.humidity(22, 12)).isBetween(50.0, 56.0);
        assertThatThrownBy(() -> Vapour.humidity(80, 12)).isInstanceOf(OutOfRange.class);
    }
}
