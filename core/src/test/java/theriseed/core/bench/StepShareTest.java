package theriseed.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import theriseed.core.crop.Usual;

class StepShareTest {
    @Test
    void theMiddleOfAnEvenNumberLiesBetweenTwo() {
        StepShare share = StepShare.of(StepKind.THRESH, 0.5, 0.3, 0.6, 0.4);
        assertThat(share.low()).isEqualTo(0.3);
        assertThat(share.median()).isCloseTo(0.45, within(1e-12));
        assertThat(share.high()).isEqualTo(0.6);
        assertThat(share.of(2000)).isEqualTo(new Usual(600, 1200));
    }

    @Test
    void noStepTellsNothing() {
        assertThatThrownBy(() -> StepShare.of(StepKind.DRY)).hasMessageContaining("steps: 0");
    }

    @ParameterizedTest
    @CsvSource({
        "6.1, 72, 36200, 6100",
        "0.45, 300, 600, 450",
        "450000, 300, 600, 450",
        "450, 300, 600,",
        "70, 300, 600,",
        "40, 300, 600,",
        "0.002, 300, 600,"
    })
    void aMassIsDoubtedOnlyWhereTheOtherUnitWouldFit(double typed, double low, double high, Double meant) {
        var found = MixedUnits.meant(typed, new Usual(low, high));
        if (meant == null) {
            assertThat(found).isEmpty();
        } else {
            assertThat(found.orElseThrow()).isCloseTo(meant, within(1e-9));
        }
    }
}
