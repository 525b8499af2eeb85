package theriseed.core.bloom;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import theriseed.core.measure.OutOfRange;
import theriseed.core.measure.Refusal;

/**
 * What was seen in the rows of a planting's bloom, besides the first flower itself.
 *
 * @param notYet last day on which nothing flowered yet
 * @param from first day on which it was seen in bloom
 * @param until last day on which it was
 * @param over first day on which its bloom was over
 */
public record BloomSeen(
        Optional<LocalDate> notYet, Optional<LocalDate> from, Optional<LocalDate> until, Optional<LocalDate> over) {
    private static final int NEAR_DAYS = 8;

    /** Nobody looked. */
    public static final BloomSeen NOTHING =
            new BloomSeen(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    public BloomSeen {
        follows("notYet", notYet, from.or(() -> over));
        follows("until", until, over);
        if (from.isPresent() != until.isPresent()) {
            throw new OutOfRange("until", "nothing", Refusal.AgainstRule.of("bloom.order"));
        }
    }

    private static void follows(String field, Optional<LocalDate> day, Optional<LocalDate> later) {
        if (day.isPresent() && later.isPresent() && !day.get().isBefore(later.get())) {
            throw new OutOfRange(field, day.get(), Refusal.AgainstRule.of("bloom.order"));
        }
    }

    /** The first flower, where the looks before and after it are so near that it is known to a few days; else none. */
    public Optional<LocalDate> firstBetween() {
        if (notYet.isEmpty() || from.isEmpty()) {
            return Optional.empty();
        }
        long days = ChronoUnit.DAYS.between(notYet.get(), from.get());
        return days > NEAR_DAYS ? Optional.empty() : Optional.of(notYet.get().plusDays((days + 1) / 2));
    }
}
