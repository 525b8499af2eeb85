package theriseed.core.bloom;

import java.time.LocalDate;
import java.util.Optional;
import theriseed.core.measure.OutOfRange;
import theriseed.core.measure.Refusal;

/**
 * The days that decide when a planting blooms.
 *
 * @param sown into the open or under glass
 * @param setOut when it left the glass; none when it was sown in the open
 * @param lifted when roots were lifted for the store; none when they stay in the ground
 * @param replanted when they went into the ground again, together with {@code lifted}
 * @param firstFlower seen on the day it opened
 * @param looks what was seen of its bloom on other days
 */
public record GrowingDays(
        LocalDate sown,
        Optional<LocalDate> setOut,
        Optional<LocalDate> lifted,
        Optional<LocalDate> replanted,
        Optional<LocalDate> firstFlower,
        BloomSeen looks) {
    public GrowingDays {
        if (lifted.isPresent() != replanted.isPresent()) {
            throw new OutOfRange(
                    lifted.isPresent() ? "replantedOn" : "liftedOn",
                    "nothing",
                    Refusal.AgainstRule.of("lifted.bothDays"));
        }
    }

    /** First day in the open. */
    public LocalDate outdoors() {
        return setOut.orElse(sown);
    }

    /** Of a planting at whose bloom nobody looked but on its first day. */
    public GrowingDays(
            LocalDate sown,
            Optional<LocalDate> setOut,
            Optional<LocalDate> lifted,
            Optional<LocalDate> replanted,
            Optional<LocalDate> firstFlower) {
        this(sown, setOut, lifted, replanted, firstFlower, BloomSeen.NOTHING);
    }

    public static GrowingDays sown(LocalDate day) {
        return new GrowingDays(day, Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
    }
}
