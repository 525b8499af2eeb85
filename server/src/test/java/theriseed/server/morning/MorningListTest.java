package theriseed.server.morning;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneOffset;
import org.junit.jupiter.api.Test;

/** When a list is to be sent. */
class MorningListTest {
    private static final LocalTime SIX = LocalTime.of(6, 0);
    private static final LocalDateTime MORNING = LocalDateTime.parse("2026-08-14T06:00");

    private static MorningList wished(LocalDateTime at) {
        return new MorningList("ann", at, SIX);
    }

    private static MorningList listOf(LocalDateTime at) {
        MorningList list = wished(at);
        list.wish("ann@sand.example", SIX, "https://farm.example");
        return list;
    }

    private static boolean due(MorningList list, LocalDateTime now) {
        return list.due(now, now.toInstant(ZoneOffset.UTC));
    }

    @Test
    void itIsDueFromItsHourOnForFourHours() {
        MorningList list = listOf(MORNING.minusHours(10));
        assertThat(due(list, MORNING.minusMinutes(1))).isFalse();
        assertThat(due(list, MORNING)).isTrue();
        assertThat(due(list, MORNING.plusMinutes(239))).isTrue();
        assertThat(due(list, MORNING.plusHours(4))).isFalse();
    }

    @Test
    void itIsSentOnceADay() {
        MorningList list = listOf(MORNING.minusHours(10));
        list.done(MORNING.toLocalDate());
        assertThat(due(list, MORNING.plusMinutes(1))).isFalse();
        assertThat(due(list, MORNING.plusDays(1))).isTrue();
    }

    @Test
    void whoWishesItAfterItsHourHasTheNext() {
        MorningList list = listOf(MORNING.plusMinutes(5));
        assertThat(due(list, MORNING.plusMinutes(6))).isFalse();
        assertThat(due(list, MORNING.plusDays(1))).isTrue();
    }

    @Test
    void whatWasNotTakenRestsAQuarterOfAnHour() {
        MorningList list = listOf(MORNING.minusHours(10));
        Instant tried = MORNING.toInstant(ZoneOffset.UTC);
        list.failed(tried, "The mail server does not answer");
        assertThat(due(list, MORNING.plusMinutes(14))).isFalse();
        assertThat(due(list, MORNING.plusMinutes(15))).isTrue();
        assertThat(list.view().trouble()).contains("does not answer");
        list.done(MORNING.toLocalDate());
        assertThat(list.view().trouble()).isNull();
    }
}
