package theriseed.core.bloom;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.MonthDay;
import java.util.Optional;
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

    @Test
    void rootsWaitInTheStoreUntilHardFrostsAreOver() {
        LocalDate winter = NORTH.coldest(2028);
        assertThat(NORTH.replanting(winter))
                .as("nobody has said when it freezes")
                .isEqualTo(NORTH.regrowth(winter));
        FarmYear late = new FarmYear(NORTH.normals(), Optional.of(new Frosts(MonthDay.of(5, 20), MonthDay.of(9, 20))));
        assertThat(late.replanting(winter)).isEqualTo(LocalDate.of(2028, 4, 8));
        FarmYear early =
                new FarmYear(NORTH.normals(), Optional.of(new Frosts(MonthDay.of(3, 10), MonthDay.of(11, 20))));
        assertThat(early.replanting(winter)).isEqualTo(NORTH.regrowth(winter));
    }

    @ParameterizedTest
    @CsvSource({
        "2027-08-25, 2027-12-31, 2027, 2028",
        "2027-09-05, 2028-01-14, 2027, 2028",
        "2026-04-10, 2027-02-15, 2026, 2027",
        "2026-07-01, 2027-08-20, 2027, 2027",
        "2020-04-01, 2027-11-30, 2027, 2027",
    })
    void whatGrowsInOneSeasonIsOfIt(LocalDate from, LocalDate to, int north, int south) {
        assertThat(NORTH.seasonOf(from, to)).isEqualTo(north);
        assertThat(SOUTH.seasonOf(from, to)).isEqualTo(south);
    }
}
