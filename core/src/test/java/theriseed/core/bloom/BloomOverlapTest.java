package theriseed.core.bloom;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import theriseed.core.measure.OutOfRange;

class BloomOverlapTest {
    private static BloomWindow window(int first, int last) {
        LocalDate year = LocalDate.of(2026, 1, 1);
        return new BloomWindow(year.plusDays(first - 1L), year.plusDays(last - 1L));
    }

    @ParameterizedTest
    @CsvSource({"170, 195, 185, 215, 5", "150, 240, 180, 193, 3", "185, 215, 170, 195, 0", "160, 184, 182, 206, 14"})
    void theShiftThatIsOfferedIsTheLeastThatClears(int first, int last, int from, int to, int margin) {
        BloomOverlap overlap = BloomOverlap.of(first, last, from, to, margin, 1);
        int later = overlap.delayFlowering();
        assertThat(BloomOverlap.of(first + later, last + later, from, to, margin, 1)
                        .delayFlowering())
                .isZero();
        assertThat(BloomOverlap.of(first + later - 1, last + later - 1, from, to, margin, 1)
                        .delayFlowering())
                .isEqualTo(1);
        int earlier = overlap.advanceFlowering();
        assertThat(BloomOverlap.of(first - earlier, last - earlier, from, to, margin, 1)
                        .advanceFlowering())
                .isZero();
        assertThat(BloomOverlap.of(first - earlier + 1, last - earlier + 1, from, to, margin, 1)
                        .advanceFlowering())
                .isEqualTo(1);
    }

    @Test
    void whereLateSowingsCatchUpTheSowingMovesMore() {
        BloomOverlap half = BloomOverlap.of(170, 195, 185, 215, 5, 0.5);
        assertThat(half.delaySowing()).isEqualTo(2 * half.delayFlowering());
        assertThat(half.advanceSowing()).isEqualTo(2 * half.advanceFlowering());
    }

    @Test
    void sharedBloomIsAllOnTheSameDaysAndNoneOnOthers() {
        assertThat(BloomOverlap.weight(window(170, 200), window(170, 200))).isCloseTo(1, within(1e-12));
        assertThat(BloomOverlap.weight(window(170, 200), window(201, 231))).isZero();
    }

    @Test
    void theFurtherApartTheLessIsShared() {
        double before = 1;
        for (int later = 1; later <= 31; later++) {
            double now = BloomOverlap.weight(window(170 + later, 200 + later), window(170, 200));
            assertThat(now).isBetween(0.0, 1.0).isLessThan(before);
            before = now;
        }
    }

    @Test
    void tailsThatMeetShareLessThanTheirDays() {
        BloomWindow source = window(160, 184);
        BloomWindow recipient = window(182, 206);
        double days = BloomOverlap.of(160, 184, 182, 206, 0, 1).fraction();
        assertThat(BloomOverlap.weight(source, recipient)).isPositive().isLessThan(days / 10);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 1.4, 9.9, 40})
    void aBloomDrawnOutAtEitherEndNeverSharesLess(double spread) {
        BloomWindow recipient = window(170, 200);
        for (int first = 120; first <= 230; first += 5) {
            double before = 0;
            for (int last = first; last <= 260; last++) {
                double now = BloomOverlap.mostWeight(window(first, last), recipient, spread);
                assertThat(now)
                        .isBetween(before, 1.0)
                        .isGreaterThanOrEqualTo(BloomOverlap.meanWeight(window(first, last), recipient, spread) - 1e-9)
                        .isGreaterThanOrEqualTo(
                                BloomOverlap.mostWeight(window(first + 1, last + 1), window(171, 201), spread) - 1e-9);
                if (first < last) {
                    assertThat(now)
                            .isGreaterThanOrEqualTo(
                                    BloomOverlap.mostWeight(window(first + 1, last), recipient, spread) - 1e-12);
                }
                before = now - 1e-12;
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"160, 175", "165, 190", "180, 186", "185, 240", "150, 230", "199, 215"})
    void theMostIsThatOfTheBestWindowWithin(int first, int last) {
        BloomWindow recipient = window(170, 200);
        double best = 0;
        for (int from = first; from <= last; from++) {
            for (int to = from; to <= last; to++) {
                best = Math.max(best, BloomOverlap.weight(window(from, to), recipient));
            }
        }
        assertThat(BloomOverlap.mostWeight(window(first, last), recipient, 0)).isCloseTo(best, within(1e-12));
    }

    @Test
    void aBloomOnTheSameDaysSharesAllOfItHoweverFarItGoesOn() {
        BloomWindow recipient = window(170, 200);
        assertThat(BloomOverlap.mostWeight(recipient, recipient, 0)).isCloseTo(1, within(1e-12));
        assertThat(BloomOverlap.mostWeight(window(170, 330), recipient, 0)).isCloseTo(1, within(1e-12));
        assertThat(BloomOverlap.weight(window(170, 330), recipient)).isLessThan(0.5);
        assertThat(BloomOverlap.mostWeight(window(201, 231), recipient, 0)).isZero();
    }

    @Test
    void aWindowThatEndsBeforeItBeginsIsRefused() {
        assertThatThrownBy(() -> BloomOverlap.of(170, 165, 185, 215, 5, 1))
                .isInstanceOf(OutOfRange.class)
                .hasMessage("source.last: 165 is outside the valid range [170, 731] day");
    }
}
