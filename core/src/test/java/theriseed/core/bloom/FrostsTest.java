package theriseed.core.bloom;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.MonthDay;
import org.junit.jupiter.api.Test;

class FrostsTest {
    private static final MonthDay APRIL = MonthDay.of(4, 20);
    private static final MonthDay OCTOBER = MonthDay.of(10, 28);

    @Test
    void inTheNorthSpringAndAutumnOfASeasonAreInItsYear() {
        Frosts north = new Frosts(APRIL, OCTOBER);
        assertThat(north.lastOf(2026)).isEqualTo(LocalDate.of(2026, 4, 20));
        assertThat(north.firstOf(2026)).isEqualTo(LocalDate.of(2026, 10, 28));
    }

    @Test
    void inTheSouthItsSpringIsInTheYearBefore() {
        Frosts south = new Frosts(OCTOBER, APRIL);
        assertThat(south.lastOf(2026)).isEqualTo(LocalDate.of(2025, 10, 28));
        assertThat(south.firstOf(2026)).isEqualTo(LocalDate.of(2026, 4, 20));
    }
}
