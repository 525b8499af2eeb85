package theriseed.server.base;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import theriseed.core.measure.OutOfRange;
import theriseed.core.measure.Refusal;

/**
 * When something was done, by the clock of the phone it was done with. That clock may be a day wrong, and may be put right
 * before the record is sent; then what was done is dated by what else the phone knows, and where that leaves two days open,
 * the day is asked.
 *
 * @param madeAt by the phone's clock
 * @param sentAt by the phone's clock, when it was sent at last
 * @param ahead how far the phone's clock was ahead of the server's when it last heard it before it was made, in
 *     milliseconds; negative when it was behind
 * @param lived how long the phone counted from making to sending, in milliseconds, whatever its clock did; a phone that
 *     slept may have counted too little, and one that was started anew does not know
 * @param day on which it was done, when somebody was asked for it
 */
public record Made(
        Instant madeAt,
        Instant sentAt,
        @Maybe Long ahead,
        @Maybe Long lived,
        @Maybe LocalDate day) {
    private static final Duration LONGEST = Duration.ofDays(60);

    /** How far clocks drift, and answers take, without anybody having changed one. */
    private static final Duration SAME = Duration.ofMinutes(2);

    /**
     * The day on the farm on which it was done.
     *
     * @throws Refused when that cannot be known, or it lay in the phone for more than sixty days
     */
    public LocalDate day(FarmTime time) {
        return LocalDate.ofInstant(moment(time), time.zone());
    }

    /** The moment it was done, by the farm's clock; refused as {@link #day(FarmTime)} is. */
    public Instant moment(FarmTime time) {
        if (madeAt == null || sentAt == null) {
            throw Refused.missing(madeAt == null ? "madeAt" : "sentAt");
        }
        Instant now = time.now();
        if (day != null) {
            LocalDate today = time.today();
            LocalDate first = today.minusDays(LONGEST.toDays());
            if (day.isBefore(first) || day.isAfter(today)) {
                throw new OutOfRange("day", day, new Refusal.OutsideDays(first, today));
            }
            Instant then = day.atTime(madeAt.atZone(time.zone()).toLocalTime())
                    .atZone(time.zone())
                    .toInstant();
            return then.isAfter(now) ? now : then;
        }
        List<Duration> open = ago().stream()
                .map(ago -> ago.isNegative() ? Duration.ZERO : ago)
                .toList();
        boolean oneDay = open.stream()
                        .map(ago -> LocalDate.ofInstant(now.minus(ago), time.zone()))
                        .distinct()
                        .count()
                == 1;
        if (!oneDay) {
            throw new Refused("madeAt", madeAt, "made.clock");
        }
        return now.minus(open.get(0));
    }

    /** How long ago it can have been done: once when nobody changed a clock meanwhile, as far as anybody can know. */
    private List<Duration> ago() {
        Duration byThePhone = Duration.between(madeAt, sentAt);
        if (ahead == null) {
            return possible(Stream.of(byThePhone));
        }
        Duration byTheServer = Duration.between(madeAt.minusMillis(ahead), Instant.now());
        if (same(byThePhone, byTheServer)) {
            return possible(Stream.of(byThePhone));
        }
        List<Duration> either = possible(Stream.of(byTheServer, byThePhone));
        return lived == null
                ? either
                : either.stream()
                        .filter(ago -> same(ago, Duration.ofMillis(lived)))
                        .findFirst()
                        .map(List::of)
                        .orElse(either);
    }

    private static List<Duration> possible(Stream<Duration> ago) {
        return ago.filter(one -> one.compareTo(SAME.negated()) >= 0 && one.compareTo(LONGEST) <= 0)
                .toList();
    }

    private static boolean same(Duration one, Duration other) {
        return one.minus(other).abs().compareTo(SAME) <= 0;
    }

    /** The day it was done, or the day that was typed where no phone's clock is told. */
    public static LocalDate day(Made made, LocalDate typed, FarmTime time) {
        return made == null ? typed : made.day(time);
    }
}
