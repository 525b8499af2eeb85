package theriseed.core.season;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import theriseed.core.crop.LifeCycle;
import theriseed.core.measure.OutOfRange;

class SeasonDatesTest {
    @ParameterizedTest
    @CsvSource({
        "ANNUAL, 2026-04-01, true",
        "ANNUAL, 2025-10-15, true",
        "ANNUAL, 2025-06-01, false",
        "ANNUAL, 2026-12-01, false",
        "BIENNIAL, 2025-07-01, true",
        "BIENNIAL, 2026-04-01, false",
        "PERENNIAL, 2019-04-01, true",
    })
    void sowingMustLieInTheSeason(LifeCycle lifeCycle, LocalDate sown, boolean fits) {
        SeasonDates season = SeasonDates.of(lifeCycle, 2026);
        if (fits) {
            assertThatCode(() -> season.checkPlanting(sown, null)).doesNotThrowAnyException();
        } else {
            assertThatThrownBy(() -> season.checkPlanting(sown, null))
                    .isInstanceOf(OutOfRange.class)
                    .hasMessageContaining("sownOn: " + sown);
        }
    }

    @Test
    void settingOutComesAfterSowing() {
        assertThatThrownBy(() -> SeasonDates.of(LifeCycle.ANNUAL, 2026)
                        .checkPlanting(LocalDate.of(2026, 4, 1), LocalDate.of(2026, 3, 1)))
                .hasMessageContaining("setOutOn");
    }

    @ParameterizedTest
    @CsvSource({"2026-03-01", "2026-04-01", "2026-08-15", "2027-05-01"})
    void pickingComesAfterSowingAndNotInDaysToCome(LocalDate picked) {
        assertThatThrownBy(() -> SeasonDates.of(LifeCycle.ANNUAL, 2026)
                        .checkPicking(LocalDate.of(2026, 4, 1), picked, LocalDate.of(2026, 8, 14)))
                .isInstanceOf(OutOfRange.class)
                .hasMessageContaining("pickedOn: " + picked);
    }
}
