package theriseed.core.roguing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import theriseed.core.measure.Chance;
import theriseed.core.measure.OutOfRange;

class RemainingTest {
    @Test
    void aSureEyeThatSawAllAndPulledAllLeavesNothing() {
        Remaining left = Remaining.of(9, 9, 1200, 1200, 1, 0.01);
        assertThat(left.plants()).isCloseTo(0, within(1e-9));
        assertThat(left.upper()).isCloseTo(0, within(1e-9));
        assertThat(left.worthIt()).isFalse();
    }

    @Test
    void nineFoundByAnEyeThatMissesOneInTenMeanOneOverlooked() {
        Remaining left = Remaining.of(9, 9, 1200, 1200, 0.9, 0.01);
        assertThat(left.plants()).isCloseTo(1, within(1e-9));
        assertThat(left.share()).isCloseTo(1 / 1191.0, within(1e-12));
        assertThat(left.nextFinds()).isCloseTo(0.9, within(1e-9));
        assertThat(left.worthIt())
                .as("even the upper limit is within the grade")
                .isFalse();
        int most = 9 + (int) Math.round(left.upper() * 1191);
        assertThat(Chance.atMost(9, most, 0.9)).isGreaterThan(0.05);
        assertThat(Chance.atMost(9, most + 1, 0.9)).isLessThanOrEqualTo(0.05);
    }

    @Test
    void aStricterGradeIsWorthAnotherPass() {
        assertThat(Remaining.of(9, 9, 1200, 1200, 0.9, 0.002).worthIt()).isTrue();
        assertThat(Remaining.of(0, 0, 1200, 1200, 0.9, 0.002).worthIt())
                .as("nothing to find")
                .isFalse();
    }

    @Test
    void whatWasNotLookedAtHoldsItsShareToo() {
        Remaining half = Remaining.of(6, 6, 600, 1200, 1, 0.01);
        assertThat(half.plants()).isCloseTo(6, within(1e-9));
        assertThat(half.upper()).isGreaterThan(half.share());
    }

    @ParameterizedTest
    @CsvSource({"5, 0", "5, 3", "5, 5"})
    void onlyWhatIsPulledIsGone(int found, int gone) {
        assertThat(Remaining.of(found, gone, 500, 500, 1, 0.01).plants()).isCloseTo(found - gone, within(1e-9));
    }

    @Test
    void aStandPulledToTheLastPlantHoldsNothing() {
        assertThat(Remaining.of(4, 4, 4, 4, 0.9, 0.01).upper()).isZero();
    }

    @Test
    void morePulledThanFoundIsRefused() {
        assertThatThrownBy(() -> Remaining.of(2, 3, 50, 100, 0.9, 0.01))
                .isInstanceOf(OutOfRange.class)
                .hasMessage("pulled: 3 is outside the valid range [0, 2] plants");
    }

    /** Six found in half of the stand by an eye that finds four in five, two of them pulled. */
    @Test
    void aSampleIsScaledToTheStandAndToWhatTheEyeMisses() {
        Remaining left = Remaining.of(6, 2, 600, 1200, 0.8, 0.01);
        assertThat(left.plants()).isCloseTo(6 / (600 * 0.8) * 1200 - 2, within(1e-9));
        assertThat(left.share()).isCloseTo(13.0 / 1198, within(1e-9));
        assertThat(left.nextFinds()).isCloseTo(0.8 * 13, within(1e-9));
        double most = 1200 * OffTypeLimit.of(6, 600).upper() / 0.8;
        assertThat(left.upper()).isCloseTo((most - 2) / 1198, within(1e-9));
    }
}
