package theriseed.core.population;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import theriseed.core.bloom.BloomWindow;
import theriseed.core.crop.Crop;
import theriseed.core.crop.CropTable;
import theriseed.core.crop.Grade;
import theriseed.core.population.StandLife.Act;
import theriseed.core.population.StandLife.Count;
import theriseed.core.population.StandLife.Point;

class StandLifeTest {
    static final Crop KALE = CropTable.shipped().find("kale").orElseThrow();
    static final int ASKED = (int) KALE.plants().of(Grade.MARKET);
    static final LocalDate SOWN = LocalDate.of(2025, 7, 5);
    static final BloomWindow BLOOM = new BloomWindow(LocalDate.of(2026, 4, 20), LocalDate.of(2026, 5, 25));

    private static StandLife kale(Count last, int pulled, double selected, LocalDate today) {
        return StandLife.of(
                new StandLife.Stand(
                        KALE,
                        Grade.MARKET,
                        LocalDate.of(2026, 3, 1),
                        100,
                        Optional.ofNullable(last),
                        pulled,
                        selected,
                        SOWN,
                        LocalDate.of(2025, 12, 31),
                        Optional.of(BLOOM)),
                today);
    }

    @Test
    void beforeWinterItsLossesAreStillToCome() {
        Count autumn = new Count(Point.SET_OUT, 100, LocalDate.of(2025, 8, 20));
        StandLife before = kale(autumn, 4, 1, LocalDate.of(2025, 10, 1));
        assertThat(before.standing()).isEqualTo(96);
        assertThat(before.expected()).isEqualTo((int) (96 * PopulationPlan.USUAL_WINTER));
        StandLife after =
                kale(new Count(Point.AFTER_WINTER, 90, LocalDate.of(2026, 3, 10)), 0, 1, LocalDate.of(2026, 3, 20));
        assertThat(after.expected()).isEqualTo(90);
        assertThat(after.mark()).isEqualTo(PopulationPlan.Mark.CLEAR);
        assertThat(after.acts()).isEmpty();
    }

    @Test
    void whatHelpsDependsOnTheTimeLeft() {
        Count few = new Count(Point.RAISED, ASKED / 2, LocalDate.of(2025, 7, 25));
        assertThat(kale(few, 0, 0.8, LocalDate.of(2025, 8, 1)).acts())
                .contains(Act.SOW_AGAIN, Act.INTERPLANT, Act.KEEP_MORE);
        assertThat(kale(few, 0, 0.8, LocalDate.of(2025, 10, 1)).acts())
                .doesNotContain(Act.SOW_AGAIN)
                .contains(Act.INTERPLANT);
        assertThat(kale(few, 0, 1, LocalDate.of(2026, 5, 1)).acts())
                .as("in bloom only the grade can give way")
                .doesNotContain(Act.INTERPLANT, Act.KEEP_MORE);
    }

    @Test
    void moreWillNotBeHarvestedThanStand() {
        assertThat(kale(new Count(Point.STANDING, 3, LocalDate.of(2026, 5, 1)), 9, 1, LocalDate.of(2026, 5, 2))
                        .standing())
                .isZero();
    }

    @Test
    void oneNarrowYearRulesTheGenerations() {
        Generations all = Generations.of(List.of(
                        new Generations.Generation(2025, 90),
                        new Generations.Generation(2022, 100),
                        new Generations.Generation(2023, 80),
                        new Generations.Generation(2024, 12)))
                .orElseThrow();
        assertThat(all.effective()).as("the worked example").isCloseTo(34.204275534441805, within(1e-9));
        assertThat(all.kept()).isCloseTo(0.9423176866319445, within(1e-12));
        assertThat(all.weakest().year()).isEqualTo(2024);
        assertThat(all.all()).extracting(Generations.Generation::year).isSorted();
        assertThat(Generations.of(List.of())).isEmpty();
    }
}
