package theriseed.server.base;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import theriseed.core.measure.OutOfRange;

/** The day of what was done twenty minutes ago, at noon on the farm, whatever the phone's clock did. */
class MadeTest {
    private static final Duration AGO = Duration.ofMinutes(20);
    private static final Instant NOON = Instant.parse("2026-08-14T12:00:00Z");
    private static final FarmTime FARM = new FarmTime() {
        @Override
        public Instant now() {
            return NOON;
        }

        @Override
        public ZoneId zone() {
            return ZoneOffset.UTC;
        }
    };

    /** Done with a clock that was ahead by so much, and sent with one that is ahead by so much. */
    private static Made made(Duration then, Duration now, Long lived) {
        Instant real = Instant.now();
        return new Made(real.minus(AGO).plus(then), real.plus(now), then.toMillis(), lived, null);
    }

    private static void isKnown(Made made) {
        assertThat(made.moment(FARM)).isCloseTo(NOON.minus(AGO), within(10, ChronoUnit.SECONDS));
    }

    @ParameterizedTest
    @ValueSource(longs = {-40, -1, 0, 1, 40})
    void aClockThatIsWrongAllTheTimeDoesNotMatter(long days) {
        isKnown(made(Duration.ofDays(days), Duration.ofDays(days), null));
    }

    @Test
    void aClockPutBackCanOnlyHaveBeenPutBackAfterwards() {
        isKnown(made(Duration.ofDays(1), Duration.ZERO, null));
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 40})
    void aClockPutForwardLeavesTwoDaysOpenAndTheDayIsAsked(long days) {
        Made made = made(Duration.ZERO, Duration.ofDays(days), null);
        assertThatThrownBy(() -> made.day(FARM))
                .isInstanceOfSatisfying(
                        Refused.class, refused -> assertThat(refused.field()).isEqualTo("madeAt"));
        assertThat(new Made(made.madeAt(), made.sentAt(), made.ahead(), null, LocalDate.of(2026, 8, 13)).day(FARM))
                .isEqualTo("2026-08-13");
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 40, -1})
    void aPhoneThatStayedAwakeKnowsHowLongAgoItWas(long days) {
        isKnown(made(Duration.ZERO, Duration.ofDays(days), AGO.toMillis()));
    }

    @Test
    void whereBothClocksTellTheSameDayNobodyIsAsked() {
        assertThat(made(Duration.ZERO, Duration.ofHours(1), null).day(FARM)).isEqualTo("2026-08-14");
    }

    @Test
    void aPhoneThatNeverHeardTheServerIsBelieved() {
        Instant made = Instant.parse("2027-01-01T00:00:00Z");
        isKnown(new Made(made, made.plus(AGO), null, null, null));
    }

    @ParameterizedTest
    @ValueSource(strings = {"2026-06-14", "2026-08-15"})
    void aDayTooLongAgoOrToComeIsRefused(String day) {
        Made made = new Made(NOON, NOON, null, null, LocalDate.parse(day));
        assertThatThrownBy(() -> made.day(FARM))
                .isInstanceOfSatisfying(
                        OutOfRange.class, refused -> assertThat(refused.field()).isEqualTo("day"));
    }

    @Test
    void whatLayInThePhoneForMonthsIsNoDayAtAll() {
        assertThatThrownBy(() -> new Made(NOON.minus(Duration.ofDays(61)), NOON, null, null, null).day(FARM))
                .isInstanceOf(Refused.class);
    }
}
