package theriseed.core.harvest;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import theriseed.core.bench.LotYield;
import theriseed.core.crop.Crop;
import theriseed.core.crop.CropTable;
import theriseed.core.measure.OutOfRange;

class PickedMassTest {
    private static final Crop TOMATO = CropTable.shipped().find("tomato").orElseThrow();

    @Test
    void aUsualPickingPasses() {
        assertThatCode(() -> PickedMass.check(TOMATO, 22, 24, new BigDecimal("36200")))
                .doesNotThrowAnyException();
    }

    @ParameterizedTest
    @CsvSource({"22, 36200000, mass", "22, 0, mass", "22, -4, mass", "25, 36200, plants", "0, 36200, plants"})
    void whatCannotBeIsRefused(int plants, String grams, String field) {
        assertThatThrownBy(() -> PickedMass.check(TOMATO, plants, 24, new BigDecimal(grams)))
                .isInstanceOf(OutOfRange.class)
                .hasMessageStartingWith(field + ": ");
    }

    @ParameterizedTest
    @CsvSource({"36, BELOW_USUAL", "180, USUAL", "400, ABOVE_USUAL"})
    void theYieldIsHeldAgainstTheCrop(double clean, LotYield.Mark mark) {
        org.assertj.core.api.Assertions.assertThat(
                        LotYield.of(TOMATO, 36_000, 22, clean).mark())
                .isEqualTo(mark);
    }

    @Test
    void noYieldIsOverAHundredPercent() {
        assertThatThrownBy(() -> LotYield.of(TOMATO, 100, 2, 101)).isInstanceOf(OutOfRange.class);
    }
}
