package theriseed.core.harvest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.time.LocalDate;
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

    @Test
    void aThousandTimesOffIsAskedAboutEitherWay() {
        assertThatThrownBy(() -> PickedMass.check(TOMATO, 22, 24, new BigDecimal("36200000")))
                .isInstanceOfSatisfying(
                        OutOfRange.class,
                        refused -> assertThat(refused.refusal().valid()).contains("thousandfold", "meant=36200.0"));
        PickedMass.Doubt doubt = PickedMass.doubted(TOMATO, 22, 36.2).orElseThrow();
        assertThat(doubt.meant()).hasValue(36_200);
        assertThat(doubt.usual().holds(36_200)).isTrue();
    }

    @Test
    void aSmallPickingOfManyIsNotDoubtedButNextToNothingIs() {
        assertThat(PickedMass.doubted(TOMATO, 22, 36_200)).isEmpty();
        assertThat(PickedMass.doubted(TOMATO, 22, 5_000)).isEmpty();
        assertThat(PickedMass.doubted(TOMATO, 22, 400)).isPresent();
    }

    /** Tomato is ripe 45 to 60 days after its flower; its bloom is forecast to a few days. */
    @Test
    void fruitPickedBeforeItCanBeRipeIsRemembered() {
        LocalDate ripeFrom = LocalDate.of(2026, 8, 7);
        assertThat(EarlyPick.days(TOMATO, LocalDate.of(2026, 6, 10), ripeFrom, 4))
                .isEqualTo(58);
        assertThat(EarlyPick.days(TOMATO, ripeFrom.minusDays(10), ripeFrom, 4)).isZero();
        assertThat(EarlyPick.days(TOMATO, ripeFrom.plusDays(3), ripeFrom, 4)).isZero();
        assertThat(EarlyPick.days(TOMATO, ripeFrom.minusDays(30), ripeFrom, 20))
                .as("nobody knows when it bloomed")
                .isZero();
    }

    @ParameterizedTest
    @CsvSource({"36, BELOW_USUAL", "180, USUAL", "400, ABOVE_USUAL"})
    void theYieldIsHeldAgainstTheCrop(double clean, LotYield.Mark mark) {
        assertThat(LotYield.of(TOMATO, 36_000, 22, clean).mark()).isEqualTo(mark);
    }

    @Test
    void noYieldIsOverAHundredPercent() {
        assertThatThrownBy(() -> LotYield.of(TOMATO, 100, 2, 101)).isInstanceOf(OutOfRange.class);
    }
}
