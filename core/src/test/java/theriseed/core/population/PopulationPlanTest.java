package theriseed.core.population;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import theriseed.core.crop.Crop;
import theriseed.core.crop.CropTable;
import theriseed.core.crop.Grade;
import theriseed.core.measure.Chance;
import theriseed.core.population.PopulationPlan.Mark;

class PopulationPlanTest {
    private static final Crop KALE = CropTable.shipped().find("kale").orElseThrow();

    @ParameterizedTest
    @CsvSource({"60, CLEAR", "59, TIGHT", "42, TIGHT", "41, SHORT"})
    void plantsAreJudgedAgainstTheGrade(int plants, Mark mark) {
        PopulationPlan plan = PopulationPlan.of(KALE, Grade.MARKET, plants, 85, 1);
        assertThat(plan.asked()).isEqualTo(60);
        assertThat(plan.mark()).isEqualTo(mark);
    }

    @Test
    void theSeedToSowIsTheLeastThatIsSureEnough() {
        SowingNeed need = PopulationPlan.of(KALE, Grade.MARKET, 60, 85, 1).seedToSow();
        assertThat(need.chance()).isGreaterThanOrEqualTo(0.95);
        assertThat(Chance.atLeast(need.beforeChoice(), need.seeds() - 1, need.survival()))
                .isLessThan(0.95);
    }

    @Test
    void selfingHalvesWhatAPlantIsWorth() {
        Crop bean = CropTable.shipped().find("common-bean").orElseThrow();
        Crop spinach = CropTable.shipped().find("spinach").orElseThrow();
        assertThat(PopulationPlan.effectiveSize(bean, 40)).isBetween(20.0, 20.5);
        assertThat(PopulationPlan.effectiveSize(spinach, 40)).isEqualTo(40);
        assertThat(PopulationPlan.of(KALE, Grade.MARKET, 20, 85, 1).diversityKept())
                .isLessThan(PopulationPlan.of(KALE, Grade.MARKET, 100, 85, 1).diversityKept());
    }
}
