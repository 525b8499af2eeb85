package theriseed.core.quality;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import theriseed.core.measure.OutOfRange;
import theriseed.core.quality.MoistureResult.Dish;
import theriseed.core.quality.SeedlingCounts.Replicate;

class OtherTestsTest {
    @Test
    void theOvenTellsWaterFromWhatTheDishLost() {
        MoistureResult moisture = MoistureResult.ofOven(List.of(new Dish(20, 25, 24.6), new Dish(21, 26, 25.595)));
        assertThat(moisture.moisture()).isCloseTo(8.05, within(1e-9));
        assertThat(moisture.apart()).isCloseTo(0.1, within(1e-9));
        assertThat(moisture.agrees()).isTrue();
        assertThat(MoistureResult.ofOven(List.of(new Dish(20, 25, 24.6), new Dish(20, 25, 24.58)))
                        .agrees())
                .isFalse();
    }

    @Test
    void aDishDoesNotGainInTheOvenNorLoseItself() {
        assertThatThrownBy(() -> MoistureResult.ofOven(List.of(new Dish(20, 25, 25.1))))
                .isInstanceOf(OutOfRange.class)
                .hasMessage("dishes[0].after: 25.1 is outside the valid range (20, 25] g");
        assertThatThrownBy(() -> MoistureResult.ofOven(List.of(new Dish(20, 25, 20))))
                .isInstanceOf(OutOfRange.class);
        assertThatThrownBy(() -> MoistureResult.ofOven(List.of(new Dish(20, 19, 18))))
                .hasMessageStartingWith("dishes[0].before: 19");
    }

    @Test
    void readingsOfAMeterMayDifferByAPoint() {
        assertThat(MoistureResult.ofMeter(List.of(8.0, 8.6, 9.0)).agrees()).isTrue();
        assertThat(MoistureResult.ofMeter(List.of(8.0, 8.6, 9.1)).agrees()).isFalse();
        assertThatThrownBy(() -> MoistureResult.ofMeter(List.of(8.0, 61.0))).hasMessageStartingWith("readings[1]: 61");
    }

    @Test
    void aCutTestSaysHowSureItIs() {
        CutResult few = CutResult.of(9, 1, 0, 0);
        CutResult many = CutResult.of(90, 10, 0, 0);
        assertThat(few.share()).isEqualTo(many.share());
        assertThat(many.upper() - many.lower()).isLessThan(few.upper() - few.lower());
        assertThat(few.lower()).isCloseTo(0.5550, within(1e-4));
        assertThatThrownBy(() -> CutResult.of(5, 1, 1, 1)).hasMessageStartingWith("sound: 8");
    }

    @Test
    void whatIsToldOfAReplicateAddsUpToIt() {
        SeedlingCounts counts =
                new SeedlingCounts(50, List.of(new Replicate(40, 1, 4, 2, 3), new Replicate(42, 0, 3, 2, 3)));
        assertThat(counts.complete()).isTrue();
        assertThat(counts.classes().dormant()).isTrue();
        assertThat(counts.classes().potential()).isCloseTo(90, within(1e-9));
        assertThat(counts.test().reported()).isEqualTo(82);
        assertThatThrownBy(() ->
                        new SeedlingCounts(50, List.of(new Replicate(40, 1, 4, 2, 3), new Replicate(42, 0, 3, 2, 2))))
                .hasMessage("normal[1]: 49 is outside the valid range seedlings.inAll {sum=49, perReplicate=50}");
        assertThat(new SeedlingCounts(50, List.of(new Replicate(40, 0, 0, 0, 0), new Replicate(42, 0, 0, 0, 0)))
                        .complete())
                .isFalse();
    }

    @Test
    void oneSheetAtHomeHasWideLimits() {
        GerminationResult home = new SeedlingCounts(50, List.of(new Replicate(45, 0, 0, 0, 5))).test();
        GerminationResult full = GerminationResult.of(100, 90, 90, 90, 90);
        assertThat(home.reported()).isEqualTo(full.reported());
        assertThat(home.acceptable()).isTrue();
        assertThat(home.upper() - home.lower()).isGreaterThan(2.5 * (full.upper() - full.lower()));
    }

    @Test
    void aLotTooSmallForReplicatesIsCountedAndWeighedWhole() {
        SeedWeight weight = SeedWeight.counted(30, 9);
        assertThat(weight.thousandSeedWeight()).isEqualTo(300);
        assertThat(weight.seedsPerGram()).isCloseTo(30 / 9.0, within(1e-12));
        assertThat(weight.halfWidth()).as("nothing is estimated").isZero();
        assertThatThrownBy(() -> SeedWeight.counted(4, 1)).hasMessageContaining("counted");
    }
}
