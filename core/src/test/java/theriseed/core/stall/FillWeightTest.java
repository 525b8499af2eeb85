package theriseed.core.stall;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import theriseed.core.measure.OutOfRange;

class FillWeightTest {
    private static FillWeight fill(int label, double thousandSeedWeight) {
        return FillWeight.of(
                label,
                thousandSeedWeight,
                98,
                FillWeight.USUAL_LOT,
                FillWeight.USUAL_SEED,
                FillWeight.USUAL_SCOOP,
                0.95);
    }

    /** Fills packets in a made-up lot whose true weight, scoop and seeds vary as is assumed, and counts the short ones. */
    @ParameterizedTest
    @CsvSource({"25, 2.94", "100, 3.3", "500, 0.12", "20, 240"})
    void nineteenOfTwentyPacketsHoldWhatTheLabelSays(int label, double thousandSeedWeight) {
        double grams = fill(label, thousandSeedWeight).grams();
        Random chance = new Random(label);
        int packets = 20_000;
        int whole = 0;
        for (int i = 0; i < packets; i++) {
            double trueWeight = thousandSeedWeight * (1 + FillWeight.USUAL_LOT * chance.nextGaussian());
            double scooped = grams * (1 + FillWeight.USUAL_SCOOP * chance.nextGaussian()) * 0.98;
            double mean = scooped / trueWeight * 1000;
            double count = mean + FillWeight.USUAL_SEED * Math.sqrt(mean) * chance.nextGaussian();
            whole += Math.round(count) >= label ? 1 : 0;
        }
        assertThat(whole / (double) packets).isCloseTo(0.95, within(0.012));
    }

    @Test
    void aLittleIsPutOnTopAndLessOfItOnALargePacket() {
        FillWeight small = fill(20, 3);
        FillWeight large = fill(1000, 3);
        assertThat(small.grams()).isGreaterThan(small.naiveGrams());
        assertThat(large.overfill()).isPositive().isLessThan(small.overfill());
    }

    @Test
    void noSpreadNoOverfill() {
        assertThat(FillWeight.of(100, 3, 100, 0, 0, 0, 0.95).meanCount()).isCloseTo(99.5, within(1e-9));
        assertThat(FillWeight.byWeight(20, 0, 0.95)).isCloseTo(20, within(1e-12));
    }

    @Test
    void whatAScoopCannotPromiseIsRefused() {
        assertThatThrownBy(() -> FillWeight.of(100, 3, 98, 0.5, 0.2, 0.5, 0.999))
                .isInstanceOf(OutOfRange.class);
        assertThatThrownBy(() -> fill(0, 3)).hasMessage("label: 0 is outside the valid range [1, 1000000] seeds");
    }

    @ParameterizedTest
    @CsvSource({"204, 10, 0.01, 0.0805", "1000, 0, 0, 20", "50, 50, 0.01, 1", "3, 0, 0.01, 5"})
    void packetsReserveAndRestNeverExceedTheLot(double bulk, double reserve, double loss, double fill) {
        PackingPlan plan = PackingPlan.of(bulk, reserve, loss, fill);
        double free = (bulk - reserve) * (1 - loss);
        assertThat(plan.packets() * fill + plan.leftOver()).isCloseTo(free, within(1e-9));
        assertThat(plan.leftOver()).isGreaterThanOrEqualTo(-1e-9).isLessThan(fill);
    }
}
