package theriseed.server.farm;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.Test;

class SteadyTest {
    private static final Instant NOON = Instant.parse("2026-08-14T12:00:00Z");

    private final Steady steady = new Steady();

    @Test
    void goesOnWithTheClock() {
        assertThat(steady.after(NOON)).isEqualTo(NOON);
        assertThat(steady.after(NOON.plusSeconds(1))).isEqualTo(NOON.plusSeconds(1));
    }

    @Test
    void stopsWhereTheClockIsSetBackUntilItHasCaughtUp() {
        steady.after(NOON);
        assertThat(steady.after(NOON.minus(Duration.ofHours(24)))).isEqualTo(NOON);
        assertThat(steady.after(NOON.plusSeconds(5))).isEqualTo(NOON.plusSeconds(5));
    }

    @Test
    void isNotHeldByAClockThatWasYearsAhead() {
        steady.after(NOON.plus(Duration.ofDays(1000)));
        assertThat(steady.after(NOON)).isEqualTo(NOON);
    }
}
