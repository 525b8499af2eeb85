package theriseed.core.season;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import theriseed.core.bloom.ClimateNormals;
import theriseed.core.bloom.FarmYear;
import theriseed.core.crop.Crop;
import theriseed.core.crop.CropTable;
import theriseed.core.crop.LifeCycle;
import theriseed.core.measure.OutOfRange;

class SeasonDatesTest {
    private static final FarmYear NORTH = new FarmYear(new ClimateNormals(10, 7, 20, 5));
    private static final FarmYear SOUTH = new FarmYear(new ClimateNormals(14.5, 5.5, 200, 5));

    @ParameterizedTest
    @CsvSource({
        "ANNUAL, 2026-04-01, true",
        "ANNUAL, 2025-10-15, true",
        "ANNUAL, 2025-06-01, false",
        "ANNUAL, 2025-08-15, true",
        "ANNUAL, 2026-12-01, false",
        "BIENNIAL, 2025-07-01, true",
        "BIENNIAL, 2026-04-01, false",
        "PERENNIAL, 2019-04-01, true",
    })
    void sowingMustLieInTheSeason(LifeCycle lifeCycle, LocalDate sown, boolean fits) {
        SeasonDates season = SeasonDates.of(lifeCycle, 2026, NORTH);
        if (fits) {
            assertThatCode(() -> season.checkPlanting(sown, null, null, null, null))
                    .doesNotThrowAnyException();
        } else {
            assertThatThrownBy(() -> season.checkPlanting(sown, null, null, null, null))
                    .isInstanceOf(OutOfRange.class)
                    .hasMessageContaining("sownOn: " + sown);
        }
    }

    /** Where a summer lies in two years, a crop may be filed under the year its seed began to ripen in, or the next. */
    @ParameterizedTest
    @CsvSource({
        "ANNUAL, 2027-10-20, 2028",
        "ANNUAL, 2027-10-20, 2027",
        "BIENNIAL, 2027-02-01, 2028",
        "BIENNIAL, 2027-02-01, 2027",
        "BIENNIAL, 2026-12-10, 2028",
        "CLONAL, 2027-05-20, 2027",
        "CLONAL, 2027-05-20, 2028",
    })
    void southOfTheEquatorEitherYearDoes(LifeCycle lifeCycle, LocalDate sown, int season) {
        assertThatCode(() -> SeasonDates.of(lifeCycle, season, SOUTH).checkPlanting(sown, null, null, null, null))
                .doesNotThrowAnyException();
    }

    @Test
    void settingOutComesAfterSowing() {
        assertThatThrownBy(() -> SeasonDates.of(LifeCycle.ANNUAL, 2026, NORTH)
                        .checkPlanting(LocalDate.of(2026, 4, 1), LocalDate.of(2026, 3, 1), null, null, null))
                .hasMessageContaining("setOutOn");
    }

    @Test
    void rootsAreLiftedThenPlantedAgainAndGroundIsClearedAfterSowing() {
        SeasonDates biennial = SeasonDates.of(LifeCycle.BIENNIAL, 2026, NORTH);
        LocalDate sown = LocalDate.of(2025, 6, 20);
        LocalDate lifted = LocalDate.of(2025, 11, 1);
        assertThatCode(() -> biennial.checkPlanting(sown, null, lifted, LocalDate.of(2026, 4, 1), null))
                .doesNotThrowAnyException();
        assertThatThrownBy(() -> biennial.checkPlanting(sown, null, LocalDate.of(2025, 6, 1), lifted, null))
                .hasMessageContaining("liftedOn");
        assertThatThrownBy(() -> biennial.checkPlanting(sown, null, lifted, LocalDate.of(2025, 10, 1), null))
                .hasMessageContaining("replantedOn");
        assertThatThrownBy(() -> biennial.checkPlanting(sown, null, null, null, sown))
                .hasMessageContaining("clearedOn");
    }

    @Test
    void aFamilyComesBackOnlyAfterItsRest() {
        Crop pea = CropTable.shipped().find("pea").orElseThrow();
        Crop bean = CropTable.shipped().find("common-bean").orElseThrow();
        Crop leek = CropTable.shipped().find("leek").orElseThrow();
        assertThat(FamilyRest.freeAgain(bean, pea, 2024)).contains(2027);
        assertThat(FamilyRest.freeAgain(leek, pea, 2024)).isEmpty();
        assertThat(FamilyRest.years("Brassicaceae")).isEqualTo(FamilyRest.LONGEST);
    }

    @ParameterizedTest
    @CsvSource({"2026-03-01", "2026-04-01", "2026-08-15", "2027-05-01"})
    void pickingComesAfterSowingAndNotInDaysToCome(LocalDate picked) {
        assertThatThrownBy(() -> SeasonDates.of(LifeCycle.ANNUAL, 2026, NORTH)
                        .checkPicking(LocalDate.of(2026, 4, 1), picked, LocalDate.of(2026, 8, 14)))
                .isInstanceOf(OutOfRange.class)
                .hasMessageContaining("pickedOn: " + picked);
    }
}
