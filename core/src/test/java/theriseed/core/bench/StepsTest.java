package theriseed.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import theriseed.core.crop.Crop;
import theriseed.core.crop.CropTable;
import theriseed.core.crop.Usual;
import theriseed.core.measure.OutOfRange;

/** What a step is, and what it is expected to give. */
class StepsTest {
    private static final Crop TOMATO = CropTable.shipped().find("tomato").orElseThrow();

    @Test
    void seedIsSortedOnScreensInWindAndByHand() {
        assertThat(Arrays.stream(StepKind.values()).filter(StepKind::sorts))
                .containsExactlyInAnyOrder(StepKind.SCREEN, StepKind.WINNOW, StepKind.HAND_PICK);
    }

    @Test
    void onlyWaterAndDryingChangeMoisture() {
        for (StepKind kind : StepKind.values()) {
            assertThat(kind.keepsMoisture()).isEqualTo(!kind.wet() && kind != StepKind.DRY);
            assertThat(kind.usualMoistureAfter()).isBetween(1.0, 99.0);
        }
        assertThat(StepKind.FREEZE.usualMoistureAfter()).isEqualTo(8);
    }

    @Test
    void cleanSeedIsExpectedByTheCropsOwnShare() {
        Usual share = TOMATO.seedShare().orElseThrow();
        Usual expected = LotYield.expected(TOMATO, 40_000).orElseThrow();
        assertThat(expected.low()).isEqualTo(40_000 * share.low(), within(1e-9));
        assertThat(expected.high()).isEqualTo(40_000 * share.high(), within(1e-9));
        assertThatThrownBy(() -> LotYield.expected(TOMATO, 0)).isInstanceOf(OutOfRange.class);
    }

    @Test
    void aYieldAtTheEdgeOfTheUsualIsUsual() {
        Usual share = TOMATO.seedShare().orElseThrow();
        double picked = 1_000_000;
        assertThat(LotYield.of(TOMATO, picked, 10, picked * share.low()).mark()).isEqualTo(LotYield.Mark.USUAL);
        assertThat(LotYield.of(TOMATO, picked, 10, picked * share.high()).mark())
                .isEqualTo(LotYield.Mark.USUAL);
        assertThat(LotYield.of(TOMATO, picked, 10, picked * share.low() - 1).mark())
                .isEqualTo(LotYield.Mark.BELOW_USUAL);
        assertThat(LotYield.of(TOMATO, picked, 10, picked * share.high() + 1).mark())
                .isEqualTo(LotYield.Mark.ABOVE_USUAL);
        assertThat(LotYield.of(TOMATO, picked, 10, 5_000).perPlant()).isEqualTo(500, within(1e-9));
    }

    /** Between 200 and 300 g are usual: a fifth of the least, and five times the most, are just believed. */
    @ParameterizedTest
    @CsvSource({
        "40, NaN",
        "39.9, NaN",
        "0.1, 100",
        "0.0999, NaN",
        "0.25, 250",
        "0.6, 600",
        "0.61, NaN",
        "1500, NaN",
        "99999, NaN",
        "100000, 100",
        "250000, 250",
        "600000, 600",
        "600001, NaN"
    })
    void aMassThousandTimesOffWasTypedInTheOtherUnit(double typed, double meant) {
        assertThat(MixedUnits.meant(typed, new Usual(200, 300)).orElse(Double.NaN))
                .isEqualTo(meant, within(1e-9));
    }

    @ParameterizedTest
    @EnumSource(mode = EnumSource.Mode.EXCLUDE, names = "NONE")
    void aSchoolIsQuickerWhereItIsWarm(FermentSchool school) {
        FermentSchool.AtTemperature cool = school.at(18);
        FermentSchool.AtTemperature warm = school.at(23);
        assertThat(cool.school()).isEqualTo(school);
        assertThat(cool.readyFrom()).isLessThan(cool.readyTo());
        assertThat(warm.readyFrom()).isLessThan(cool.readyFrom());
        assertThat(warm.readyTo()).isLessThan(cool.readyTo());
    }

    @Test
    void whereNothingFermentsNothingIsWaitedFor() {
        assertThat(FermentSchool.NONE.at(18).readyTo()).isZero();
    }
}
