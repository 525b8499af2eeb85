package theriseed.core.population;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.DoubleStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
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

    @ParameterizedTest
    @ValueSource(doubles = {0, 0.3, 0.9, 1})
    void plantsThatGiveAlikeAreWorthWhatTheyWereAndUnevenOnesLess(double inbreeding) {
        double[] alike = {3, 3, 3, 3, 3};
        double[] uneven = {11, 1, 1, 1, 1};
        double worth = EffectiveSize.of(5, inbreeding);
        assertThat(EffectiveSize.ofParents(inbreeding, alike, alike)).isCloseTo(worth, within(1e-9));
        assertThat(EffectiveSize.ofParents(inbreeding, uneven, alike))
                .isLessThan(worth)
                .isGreaterThan(EffectiveSize.ofParents(inbreeding, uneven, uneven));
    }

    @Test
    void noStandIsWorthMoreThanItsPlants() {
        for (Crop crop : CropTable.shipped().all()) {
            for (int plants = 2; plants <= 60; plants += 7) {
                for (int weighed = 2; weighed <= plants; weighed++) {
                    List<Double> seed = DoubleStream.iterate(1, one -> one * 1.1)
                            .limit(weighed)
                            .boxed()
                            .toList();
                    assertThat(PopulationPlan.effectiveSize(crop, plants, seed))
                            .as(crop.key() + ", " + weighed + " of " + plants)
                            .isLessThanOrEqualTo(plants + 1e-9);
                }
            }
        }
        Crop spinach = CropTable.shipped().find("spinach").orElseThrow();
        List<Double> females = DoubleStream.generate(() -> 1).limit(15).boxed().toList();
        assertThat(PopulationPlan.effectiveSize(spinach, 20, females)).isCloseTo(15, within(1e-9));
    }

    @Test
    void unevenMothersAreTakenToBeUnevenFathersToo() {
        List<Double> seed = List.of(30.0, 5.0, 5.0, 5.0, 5.0);
        assertThat(PopulationPlan.effectiveSize(KALE, 5, seed))
                .isCloseTo(
                        EffectiveSize.of(
                                EffectiveSize.equalPlants(30, 5, 5, 5, 5),
                                EffectiveSize.inbreeding(1 - KALE.naturalOutcrossing())),
                        within(1e-9));
    }

    @Test
    void plantsNotWeighedAreTakenToGiveWhatTheWeighedGaveOnAverage() {
        assertThat(PopulationPlan.effectiveSize(KALE, 40, List.of(12.0, 12.0)))
                .isCloseTo(PopulationPlan.effectiveSize(KALE, 40), within(1e-9));
        assertThat(PopulationPlan.effectiveSize(KALE, 40, List.of(1.0, 60.0, 2.0)))
                .isLessThan(PopulationPlan.effectiveSize(KALE, 40));
        assertThat(PopulationPlan.effectiveSize(KALE, 40, List.of(5.0)))
                .as("one plant tells nothing of how unlike they are")
                .isEqualTo(PopulationPlan.effectiveSize(KALE, 40));
        Crop spinach = CropTable.shipped().find("spinach").orElseThrow();
        assertThat(PopulationPlan.effectiveSize(spinach, 40, List.of(5.0, 5.0))).isCloseTo(40, within(1e-9));
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
