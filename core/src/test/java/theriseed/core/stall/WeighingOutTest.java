package theriseed.core.stall;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import theriseed.core.measure.OutOfRange;

class WeighingOutTest {
    @ParameterizedTest
    @CsvSource({
        "0.0802, 0.01, 10, 0.802",
        "0.0802, 0.1, 100, 8.02",
        "12, 0.01, 1, 12",
        "0.5, 0.01, 1, 0.5",
        "0.49, 0.01, 10, 4.9"
    })
    void soManyAreWeighedTogetherThatTheScaleCanTell(double fill, double scale, int packets, double grams) {
        WeighingOut.Together together = WeighingOut.together(fill, scale);
        assertThat(together.packets()).isEqualTo(packets);
        assertThat(together.grams()).isCloseTo(grams, within(1e-9));
    }

    @Test
    void spoonfulsAreRoundedUpSoThatThePacketIsNeverShort() {
        WeighingOut.Spoons two = WeighingOut.spoons(0.0802, 0.43);
        assertThat(two.each()).isEqualTo(2);
        assertThat(two.grams()).isCloseTo(0.086, within(1e-9));
        assertThat(two.over()).isCloseTo(7.23, within(0.01));
        assertThat(WeighingOut.spoons(0.4, 4).each()).as("exactly one").isEqualTo(1);
        assertThat(WeighingOut.spoons(0.1, 5).over())
                .as("a spoon much too large")
                .isCloseTo(400, within(1e-6));
    }

    @Test
    void aSpoonMuchTooSmallOrAScaleWithoutAStepIsRefused() {
        assertThatThrownBy(() -> WeighingOut.spoons(10, 1))
                .isInstanceOf(OutOfRange.class)
                .hasMessageContaining("tenSpoons");
        assertThatThrownBy(() -> WeighingOut.together(1, 0)).isInstanceOf(OutOfRange.class);
    }
}
