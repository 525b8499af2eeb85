package theriseed.core.harvest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import theriseed.core.measure.OutOfRange;

class RipeningCurveTest {
    @ParameterizedTest
    @CsvSource({"0, 8", "0.001, 3", "0.06, 8", "0.25, 8", "1, 2", "1, 60", "0.5, 45"})
    void whatIsOnThePlantsIsNeverMoreThanWhatWasRipe(double shatter, double spread) {
        RipeningCurve curve = new RipeningCurve(220, spread, shatter);
        for (double day = 220 - 6 * spread; day < 220 + 8 * spread; day += spread / 7) {
            assertThat(curve.collectable(day)).isBetween(0.0, curve.ripe(day) + 1e-12);
            assertThat(curve.shattered(day + spread)).isGreaterThanOrEqualTo(curve.shattered(day) - 1e-12);
        }
    }

    @ParameterizedTest
    @CsvSource({"0.001, 3", "0.06, 8", "0.25, 8", "1, 2", "1, 60", "0.5, 45"})
    void noOtherDayCollectsMoreThanTheBest(double shatter, double spread) {
        RipeningCurve curve = new RipeningCurve(220, spread, shatter);
        double best = curve.bestCut();
        assertThat(curve.collectable(best))
                .isGreaterThanOrEqualTo(curve.collectable(best - 0.5))
                .isGreaterThanOrEqualTo(curve.collectable(best + 0.5));
    }

    @Test
    void withoutShatterThereIsNoBestDay() {
        assertThatThrownBy(() -> new RipeningCurve(220, 8, 0).bestCut())
                .isInstanceOf(OutOfRange.class)
                .hasMessageContaining("lam");
    }

    @Test
    void everyPickingMoreCollectsMoreAndOnLaterDays() {
        RipeningCurve curve = new RipeningCurve(220, 8, 0.12);
        double before = 0;
        for (int number = 1; number <= 6; number++) {
            RipeningCurve.Pickings pickings = curve.pickings(number);
            assertThat(pickings.days()).hasSize(number).isSorted().doesNotHaveDuplicates();
            assertThat(pickings.collected()).isGreaterThan(before).isLessThan(1);
            before = pickings.collected();
        }
    }

    @Test
    void aCurveGoesThroughItsTwoCounts() {
        RipeningCurve curve = RipeningCurve.through(210, 0.2, 219, 0.8, 0.05);
        assertThat(curve.ripe(210)).isCloseTo(0.2, within(1e-9));
        assertThat(curve.ripe(219)).isCloseTo(0.8, within(1e-9));
        assertThatThrownBy(() -> RipeningCurve.through(210, 0.5, 219, 0.4, 0.05))
                .isInstanceOf(OutOfRange.class)
                .hasMessageContaining("s2");
        assertThatThrownBy(() -> RipeningCurve.through(210, 0.5, 209, 0.6, 0.05))
                .isInstanceOf(OutOfRange.class)
                .hasMessageContaining("t2");
    }

    @Test
    void theBreakEvenIsWhereBothChoicesAreAlike() {
        RipeningCurve curve = new RipeningCurve(220, 8, 0.06);
        StormChoice.Curing curing = new StormChoice.Curing(0.7, 6, 0.08);
        double even = StormChoice.of(curve, curing, 219, 226, 0.5, 0.5).breakEven();
        StormChoice there = StormChoice.of(curve, curing, 219, 226, even, 0.5);
        assertThat(there.gain()).isCloseTo(0, within(1e-12));
        assertThat(StormChoice.of(curve, curing, 219, 226, even - 0.05, 0.5).cutsNow())
                .isFalse();
        assertThat(StormChoice.of(curve, curing, 219, 226, even + 0.05, 0.5).cutsNow())
                .isTrue();
        assertThat(StormChoice.of(curve, curing, 219, 226, 1, 0).breakEven()).isEqualTo(1);
    }
}
