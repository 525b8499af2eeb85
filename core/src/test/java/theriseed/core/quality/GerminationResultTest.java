package theriseed.core.quality;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import theriseed.core.measure.OutOfRange;

class GerminationResultTest {
    @Test
    void theOrderOfReplicatesDoesNotMatter() {
        GerminationResult one = GerminationResult.of(100, 94, 88, 92, 91);
        GerminationResult other = GerminationResult.of(100, 88, 91, 94, 92);
        assertThat(one.reported()).isEqualTo(other.reported());
        assertThat(one.acceptable()).isEqualTo(other.acceptable());
    }

    /** Sown from one lot, replicates are refused about once in forty tests, by chance alone. */
    @ParameterizedTest
    @ValueSource(doubles = {0.6, 0.8, 0.92})
    void chanceAloneIsSeldomCalledDisagreement(double germination) {
        Random chance = new Random(7);
        int tests = 2000;
        int refused = 0;
        for (int i = 0; i < tests; i++) {
            int[] counts = new int[4];
            for (int replicate = 0; replicate < 4; replicate++) {
                for (int seed = 0; seed < 100; seed++) {
                    counts[replicate] += chance.nextDouble() < germination ? 1 : 0;
                }
            }
            refused += GerminationResult.of(100, counts).acceptable() ? 0 : 1;
        }
        assertThat(refused / (double) tests).isBetween(0.003, 0.05);
    }

    @Test
    void theSurerTheFurtherAboveTheStandard() {
        double before = 0;
        for (int count = 70; count <= 95; count += 5) {
            double now = GerminationResult.of(100, count, count, count, count)
                    .chanceAtLeast(75)
                    .orElseThrow();
            assertThat(now).isBetween(0.0, 1.0).isGreaterThan(before);
            before = now;
        }
        assertThat(GerminationResult.of(100, 75, 75, 75, 75).chanceAtLeast(75).orElseThrow())
                .isCloseTo(0.5, within(0.05));
    }

    @Test
    void replicatesThatDisagreeGiveNoChance() {
        GerminationResult apart = GerminationResult.of(100, 92, 71, 85, 95);
        assertThat(apart.acceptable()).isFalse();
        assertThat(apart.chanceAtLeast(75)).isEmpty();
    }

    @Test
    void allOrNothingIsStillATest() {
        assertThat(GerminationResult.of(100, 100, 100, 100, 100).reported()).isEqualTo(100);
        assertThat(GerminationResult.of(100, 0, 0, 0, 0).lowerOneSided()).isZero();
    }

    @ParameterizedTest
    @CsvSource({"100, 101", "100, -1", "50, 60"})
    void noMoreSproutThanWereSown(int perReplicate, int count) {
        assertThatThrownBy(() -> GerminationResult.of(perReplicate, 40, count))
                .isInstanceOf(OutOfRange.class)
                .hasMessageStartingWith("reps[1]: " + count);
    }

    @Test
    void aFormulasSymbolIsNamedAsTheRecordNamesIt() {
        assertThatThrownBy(() -> OutOfRange.named("reps", "counts", () -> GerminationResult.of(100, 40, 140)))
                .hasMessage("counts[1]: 140 is outside the valid range [0, 100] seeds");
        assertThatThrownBy(() -> OutOfRange.named("n_per", "perReplicate", () -> GerminationResult.of(100, 40, 140)))
                .as("another symbol keeps its own name")
                .hasMessageStartingWith("reps[1]");
        assertThat(OutOfRange.named("reps", "counts", () -> 3)).isEqualTo(3);
    }

    @Test
    void hundredsThatAgreeAreAcceptedAndAStrayOneIsNot() {
        SeedWeight even = SeedWeight.of(0.294, 0.291, 0.297, 0.293);
        assertThat(even.accepted()).isTrue();
        assertThat(even.thousandSeedWeight()).isCloseTo(2.9375, within(1e-12));
        assertThat(even.seedsPerGram()).isCloseTo(1000 / 2.9375, within(1e-9));
        assertThat(SeedWeight.of(0.294, 0.291, 0.297, 0.393).accepted()).isFalse();
    }

    @Test
    void twoTestsOfOneLotAgreeAndOfTwoLotsDoNot() {
        assertThat(TwoTests.of(368, 400, 360, 400).compatible()).isTrue();
        assertThat(TwoTests.of(368, 400, 300, 400).compatible()).isFalse();
    }
}
