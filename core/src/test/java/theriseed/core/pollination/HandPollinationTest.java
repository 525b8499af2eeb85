package theriseed.core.pollination;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import theriseed.core.measure.OutOfRange;
import theriseed.core.pollination.MorningPlan.Buds;
import theriseed.core.pollination.MorningPlan.Cross;
import theriseed.core.pollination.Parentage.Fruit;

class HandPollinationTest {
    @RepeatedTest(20)
    void noPlantFathersItselfAndNoMaleIsUsedUp(RepetitionInfo run) {
        Random chance = new Random(run.getCurrentRepetition());
        List<Buds> closed = new ArrayList<>();
        for (int plant = 1; plant <= 14; plant++) {
            closed.add(new Buds(plant, chance.nextInt(3), chance.nextInt(3)));
        }
        MorningPlan plan = MorningPlan.of(closed, Map.of());
        Map<Integer, Integer> used = new HashMap<>();
        for (Cross cross : plan.crosses()) {
            assertThat(cross.fathers())
                    .isNotEmpty()
                    .doesNotContain(cross.mother())
                    .doesNotHaveDuplicates();
            cross.fathers().forEach(father -> used.merge(father, 1, Integer::sum));
        }
        closed.forEach(buds -> assertThat(used.getOrDefault(buds.plant(), 0)).isLessThanOrEqualTo(3 * buds.males()));
        assertThat(plan.crosses().size() + plan.left())
                .isEqualTo(closed.stream().mapToInt(Buds::females).sum());
    }

    @Test
    void fathersAreUsedAsEvenlyAsTheirMalesAllow() {
        List<Buds> closed =
                List.of(new Buds(1, 2, 1), new Buds(2, 2, 1), new Buds(3, 2, 1), new Buds(4, 0, 2), new Buds(5, 0, 2));
        Map<Integer, Integer> used = new HashMap<>();
        MorningPlan.of(closed, Map.of())
                .crosses()
                .forEach(cross -> cross.fathers().forEach(father -> used.merge(father, 1, Integer::sum)));
        assertThat(used.values()).hasSize(5).allMatch(times -> times >= 3 && times <= 5);
    }

    @Test
    void whoWasUsedLeastComesFirst() {
        List<Buds> closed =
                List.of(new Buds(1, 1, 0), new Buds(2, 0, 1), new Buds(3, 0, 1), new Buds(4, 0, 1), new Buds(5, 0, 1));
        MorningPlan plan = MorningPlan.of(closed, Map.of(2, 9, 3, 0, 4, 1, 5, 2));
        assertThat(plan.crosses()).containsExactly(new Cross(1, List.of(3, 4, 5)));
    }

    @Test
    void aMotherAloneHasNoFather() {
        assertThat(MorningPlan.of(List.of(new Buds(1, 2, 4)), Map.of())).isEqualTo(new MorningPlan(List.of(), 2));
        assertThatThrownBy(() -> new Buds(1, -1, 0))
                .isInstanceOf(OutOfRange.class)
                .hasMessage("females: -1 is outside the valid range [0, 200] buds");
    }

    @Test
    void evenParentsCountInFullAndUnevenOnesForLess() {
        Parentage even = Parentage.of(List.of(
                new Fruit(1, List.of(5)),
                new Fruit(2, List.of(6)),
                new Fruit(3, List.of(7)),
                new Fruit(4, List.of(8))));
        assertThat(even.evenFathers()).isCloseTo(4, within(1e-9));
        assertThat(even.effective()).isCloseTo(8, within(1e-9));
        Parentage one = Parentage.of(List.of(
                new Fruit(1, List.of(5)),
                new Fruit(2, List.of(5)),
                new Fruit(3, List.of(5)),
                new Fruit(4, List.of(5, 6))));
        assertThat(one.fathers()).isEqualTo(2);
        assertThat(one.evenFathers()).isBetween(1.0, 1.4);
        assertThat(one.effective()).isLessThan(even.effective());
        assertThat(Parentage.of(List.of()).effective()).isZero();
        assertThat(Parentage.of(List.of(new Fruit(1, List.of(1)))).effective())
                .as("one plant, selfed")
                .isEqualTo(1);
        List<Fruit> ring = IntStream.range(0, 10)
                .mapToObj(plant -> new Fruit(plant, List.of((plant + 1) % 10)))
                .toList();
        assertThat(Parentage.of(ring).effective())
                .as("ten plants, each mother and father alike")
                .isCloseTo(10, within(1e-9));
    }

    @Test
    void aFewFlowersDoNotDecideHowManyTake() {
        assertThat(TakeRate.of(0, 0)).isEqualTo(FlowerNeed.USUAL_TAKE);
        assertThat(TakeRate.of(0, 2)).isBetween(0.45, 0.55);
        assertThat(TakeRate.of(80, 100)).isCloseTo(0.78, within(0.01));
        assertThatThrownBy(() -> TakeRate.of(3, 2)).isInstanceOf(OutOfRange.class);
    }
}
