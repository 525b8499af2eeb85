package theriseed.core.bloom;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FarmYearTest {
    private static final FarmYear NORTH = new FarmYear(new ClimateNormals(10, 7, 20, 5));
    private static final FarmYear SOUTH = new FarmYear(new ClimateNormals(14.5, 5.5, 200, 5));

    @Test
    void aSeasonsWinterLiesBeforeItsSeed() {
        assertThat(NORTH.coldest(2028)).isEqualTo(LocalDate.of(2028, 1, 20));
        assertThat(SOUTH.coldest(2028)).isEqualTo(LocalDate.of(2027, 7, 19));
        assertThat(new FarmYear(new ClimateNormals(10, 7, 355, 5)).coldest(2028))
                .isEqualTo(LocalDate.of(2027, 12, 21));
    }

    @ParameterizedTest
    @CsvSource({
        "2027-10-15, 2027, 2028",
        "2027-05-01, 2027, 2027",
        "2028-02-01, 2028, 2028",
        "2027-01-03, 2027, 2027",
    })
    void theSeasonThatGrowsOnADay(LocalDate day, int north, int south) {
        assertThat(NORTH.seasonOn(day)).isEqualTo(north);
        assertThat(SOUTH.seasonOn(day)).isEqualTo(south);
    }

    @Test
    void plantsGrowAgainWhenItIsWarmEnough() {
        LocalDate again = NORTH.regrowth(NORTH.coldest(2028));
        assertThat(NORTH.normals().dayMean(again.getDayOfYear())).isGreaterThanOrEqualTo(5);
        assertThat(again).isBetween(LocalDate.of(2028, 2, 20), LocalDate.of(2028, 4, 1));
        assertThat(SOUTH.regrowth(SOUTH.coldest(2028))).as("never too cold").isEqualTo(SOUTH.coldest(2028));
    }
}
