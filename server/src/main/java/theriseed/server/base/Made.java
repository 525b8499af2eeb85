package theriseed.server.base;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;

/**
 * When something was done, by the clock of the phone it was done with. A phone may be a day wrong; how long ago it was
 * done, it knows.
 *
 * @param madeAt by the phone's clock
 * @param sentAt by the phone's clock, when it was sent at last
 */
public record Made(Instant madeAt, Instant sentAt) {
    private static final Duration LONGEST = Duration.ofDays(60);

    /**
     * The day on the farm on which it was done.
     *
     * @throws Refused when it was sent before it was made, or lay in the phone for more than sixty days
     */
    public LocalDate day(FarmTime time) {
        return LocalDate.ofInstant(moment(time), time.zone());
    }

    /** The moment it was done, by the farm's clock; refused as {@link #day(FarmTime)} is. */
    public Instant moment(FarmTime time) {
        Duration ago = Duration.between(madeAt, sentAt);
        if (ago.isNegative() || ago.compareTo(LONGEST) > 0) {
            throw new Refused("madeAt", madeAt, "made.clock");
        }
        return time.now().minus(ago);
    }

    /** The day it was done, or the day that was typed where no phone's clock is told. */
    public static LocalDate day(Made made, LocalDate typed, FarmTime time) {
        return made == null ? typed : made.day(time);
    }
}
