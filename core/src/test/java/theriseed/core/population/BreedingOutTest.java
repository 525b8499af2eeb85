package theriseed.core.population;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import theriseed.core.crop.Crop;
import theriseed.core.crop.CropTable;
import theriseed.core.measure.OutOfRange;

class BreedingOutTest {
    private static final Crop PEA = CropTable.shipped().find("pea").orElseThrow();
    private static final Crop KALE = CropTable.shipped().find("kale").orElseThrow();

    @Test
    void theHybridItselfIsTheFirstGenerationAndAllMixed() {
        assertThat(BreedingOut.in(PEA, List.of(), 2026)).isEqualTo(new BreedingOut(1, 1));
        assertThat(BreedingOut.in(PEA, List.of(2026, 2027), 2026).generation()).isEqualTo(1);
    }

    @Test
    void eachSeasonForSeedIsAGenerationHoweverManyPlotsItHad() {
        assertThat(BreedingOut.in(PEA, List.of(2027, 2024, 2024, 2026), 2027).generation())
                .isEqualTo(3);
    }

    @Test
    void whatSelfsIsHalvedEachTimeAndWhatCrossesStaysMixed() {
        double selfed = 1 - PEA.naturalOutcrossing();
        assertThat(BreedingOut.of(PEA, 4).mixed()).isCloseTo(Math.pow(1 - selfed / 2, 3), within(1e-12));
        assertThat(BreedingOut.of(PEA, BreedingOut.USUALLY_FIXED).mixed()).isLessThan(0.05);
        for (int generation = 1; generation < 12; generation++) {
            assertThat(BreedingOut.of(PEA, generation + 1).mixed())
                    .isLessThan(BreedingOut.of(PEA, generation).mixed());
            assertThat(BreedingOut.of(KALE, generation).mixed())
                    .isGreaterThan(BreedingOut.of(PEA, generation).mixed() - 1e-12);
        }
    }

    @Test
    void noGenerationIsNone() {
        assertThatThrownBy(() -> BreedingOut.of(PEA, 0)).isInstanceOf(OutOfRange.class);
    }
}
