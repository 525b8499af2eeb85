package theriseed.core.pollination;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import theriseed.core.measure.Chance;

class PollinationTest {
    @ParameterizedTest
    @ValueSource(ints = {1, 7, 16, 60, 400})
    void theFlowersAreTheFewestThatAreSureEnough(int fruits) {
        FlowerNeed need = FlowerNeed.forFruits(fruits, 0.6, 0.85);
        assertThat(Chance.atLeast(fruits, need.flowers(), 0.51)).isGreaterThanOrEqualTo(0.95);
        assertThat(Chance.atLeast(fruits, need.flowers() - 1, 0.51)).isLessThan(0.95);
    }

    @Test
    void whenEveryFlowerTakesAsManyFlowersAsFruitsAreNeeded() {
        assertThat(FlowerNeed.forFruits(24, 1, 1).flowers()).isEqualTo(24);
        assertThat(FlowerNeed.forFruits(24, 1, 1).perPlant(10)).isEqualTo(3);
    }

    @Test
    void fruitsThatVaryAskForMoreOfThem() {
        assertThat(FlowerNeed.forSeeds(5000, 180, 0.6, 0.6, 0.85).fruits())
                .isGreaterThan(FlowerNeed.forSeeds(5000, 180, 0, 0.6, 0.85).fruits());
    }

    @ParameterizedTest
    @CsvSource({"35, 12, 0.25", "60, 12, 0", "200, 7, 0.5", "13, 12, 0.9"})
    void insectsAreInTheCageAsLongAsItBlooms(int window, int life, double overlap) {
        CageSchedule schedule = CageSchedule.of(window, life, overlap, 100, 0.7, 10, 4);
        int emerged = schedule.placeOn().get(0) + 4;
        assertThat(emerged).isZero();
        for (int place : schedule.placeOn()) {
            assertThat(place + 4 - emerged).isLessThanOrEqualTo(life);
            emerged = place + 4;
        }
        assertThat(emerged + life).isGreaterThanOrEqualTo(window);
    }

    @Test
    void whatCannotBeIsRefusedByName() {
        assertThatThrownBy(() -> FlowerNeed.forFruits(5, 0, 0.85)).hasMessageContaining("take: 0");
        assertThatThrownBy(() -> FlowerNeed.forFruits(0, 0.6, 0.85)).hasMessageContaining("fruits: 0");
        assertThatThrownBy(() -> CageSchedule.of(0, 12, 0, 100, 1, 10, 4)).hasMessageContaining("window: 0");
        assertThatThrownBy(() -> CageSchedule.of(30, 12, 0.95, 100, 1, 10, 4)).hasMessageContaining("overlap");
    }
}
