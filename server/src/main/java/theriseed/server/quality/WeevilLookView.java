package theriseed.server.quality;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import theriseed.core.quality.BoredSeed;

/** A look for weevils as others see it. */
public record WeevilLookView(
        UUID id, int version, LocalDate lookedOn, int seeds, int bored, int alive, String recordedBy) {
    /** What it says. @param frozen last day in the freezer, long enough; none when it was not */
    public BoredSeed says(Optional<LocalDate> frozen) {
        return BoredSeed.of(seeds, bored, alive, lookedOn, frozen);
    }
}
