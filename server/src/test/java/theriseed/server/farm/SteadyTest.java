package theriseed.server.farm;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.Test;

class SteadyTest {
    private static final Instant NOON = Instant.parse("2026-08-14T12:00:00Z");

    private final Steady steady = new Steady(() -> Instant.MIN);

    @Test
    void goesOnWithTheClock() {
        assertThat(steady.after(NOON)).isEqualTo(NOON);
        assertThat(steady.after(NOON.plusSeconds(1))).isEqualTo(NOON.plusSeconds(1));
    }

    @Test
    void standsStillWhereTheClockIsSetBackUntilItHasCaughtUpAndKeepsTheOrder() {
        steady.after(NOON);
        Instant next = steady.after(NOON.minus(Duration.ofHours(24)));
        assertThat(next).isAfter(NOON).isBefore(NOON.plusMillis(1));
        assertThat(steady.after(NOON.minus(Duration.ofHours(24)))).isAfter(next);
        assertThat(steady.after(NOON.plusSeconds(5))).isEqualTo(NOON.plusSeconds(5));
    }

    @Test
    void datesNothingBeforeWhatWasWrittenBeforeAStart() {
        Steady anew = new Steady(() -> NOON);
        assertThat(anew.after(NOON.minusSeconds(60))).isAfter(NOON);
        assertThat(anew.after(NOON.plusSeconds(1))).isEqualTo(NOON.plusSeconds(1));
    }

    @Test
    void isNotHeldByAClockThatWasYearsAhead() {
        steady.after(NOON.plus(Duration.ofDays(1000)));
        assertThat(steady.after(NOON)).isEqualTo(NOON);
    }
}
