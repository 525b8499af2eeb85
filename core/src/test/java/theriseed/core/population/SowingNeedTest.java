package theriseed.core.population;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import theriseed.core.measure.Chance;
import theriseed.core.measure.OutOfRange;

class SowingNeedTest {
    @ParameterizedTest
    @CsvSource({"1, 1, 0.9", "6, 1, 0.85", "80, 0.8, 0.47", "200, 0.5, 0.3", "500, 1, 0.99"})
    void itIsTheLeastSowingThatIsEnoughInNineteenYearsOfTwenty(int plants, double kept, double survival) {
        SowingNeed need = SowingNeed.of(plants, kept, 0, survival);
        int wanted = (int) Math.ceil(plants / kept - 1e-9);
        assertThat(Chance.atLeast(wanted, need.seeds(), survival)).isGreaterThanOrEqualTo(0.95);
        assertThat(Chance.atLeast(wanted, need.seeds() - 1, survival)).isLessThan(0.95);
        assertThat(need.chance()).isCloseTo(Chance.atLeast(wanted, need.seeds(), survival), within(1e-12));
    }

    @Test
    void lossesThatComeTogetherAskForMore() {
        int before = 0;
        for (double clustering : new double[] {0, 0.02, 0.05, 0.1}) {
            int now = SowingNeed.of(80, 0.8, clustering, 0.85, 0.8, 0.93).seeds();
            assertThat(now).isGreaterThan(before);
            before = now;
        }
    }

    @Test
    void whatNeverDiesNeedsNoMoreThanIsWanted() {
        assertThat(SowingNeed.of(60, 1, 0, 1, 1).seeds()).isEqualTo(60);
    }

    @Test
    void aStageThatNothingSurvivesIsRefused() {
        assertThatThrownBy(() -> SowingNeed.of(60, 1, 0, 0.9, 0))
                .isInstanceOf(OutOfRange.class)
                .hasMessageContaining("stages[1]: 0");
    }

    @Test
    void effectiveSizeIsNeverMoreThanThePlants() {
        assertThat(EffectiveSize.equalPlants(5, 5, 5, 5)).isCloseTo(4, within(1e-12));
        assertThat(EffectiveSize.equalPlants(97, 1, 1, 1)).isLessThan(1.1);
        assertThat(EffectiveSize.ofSexes(1, 1000))
                .as("one male is half of every seed")
                .isLessThan(4);
        assertThat(EffectiveSize.of(80, EffectiveSize.inbreeding(1))).isCloseTo(40, within(1e-12));
    }

    @Test
    void oneNarrowGenerationWeighsMoreThanManyWideOnes() {
        double size = EffectiveSize.overGenerations(200, 200, 200, 8);
        assertThat(size).isLessThan(31);
        assertThat(DiversityKept.through(200, 200, 200, 8)).isLessThan(DiversityKept.through(60, 60, 60, 60));
    }

    @ParameterizedTest
    @CsvSource({"0.02, 0.95, 0", "0.05, 0.99, 0", "0.02, 0.95, 1"})
    void asManyPlantsKeepARareTypeAsAreSaidToAndNoFewer(double frequency, double chance, double inbreeding) {
        int plants = DiversityKept.plantsToKeep(frequency, chance, inbreeding);
        assertThat(DiversityKept.chanceToKeep(frequency, plants, inbreeding)).isGreaterThanOrEqualTo(chance);
        assertThat(DiversityKept.chanceToKeep(frequency, plants - 1, inbreeding))
                .isLessThan(chance);
    }
}
