package theriseed.core.pollination;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import theriseed.core.bloom.BloomWindow;

/**
 * Whether a bag or a cage kept foreign pollen out from the first open flower until the fruit had set. One that did not is
 * no cover: what flowered meanwhile stood open.
 */
public enum CoverVerdict {
    /** Not in bloom yet, or covered and closed since. */
    TIGHT,
    /** Put on when flowers were open already. */
    LATE,
    /** Opened while it bloomed, for more than bringing insects in. */
    OPENED,
    /** Taken off while it still bloomed, or before the fruit had set. */
    OFF_EARLY;

    /** A time during which the cover stood open. */
    public record Opening(LocalDate from, LocalDate to) {}

    /**
     * A cover's life.
     *
     * @param openFlowers whether any flower was open when it was put on and left in
     * @param off when it was taken off; {@code set} whether the fruit had set by then
     */
    public record Life(
            LocalDate on, boolean openFlowers, List<Opening> openings, Optional<LocalDate> off, boolean set) {}

    /**
     * A cage over a whole planting.
     *
     * @param bloom of what stands in it
     * @param seen whether its first flower was seen; a forecast cannot make a cage late
     */
    public static CoverVerdict ofCage(Life cage, BloomWindow bloom, boolean seen) {
        if (cage.openFlowers() || seen && cage.on().isAfter(bloom.first())) {
            return LATE;
        }
        boolean opened = cage.openings().stream()
                .anyMatch(open ->
                        !open.to().isBefore(bloom.first()) && !open.from().isAfter(bloom.last()));
        if (opened) {
            return OPENED;
        }
        boolean offInBloom = cage.off().isPresent() && !cage.off().get().isAfter(bloom.last()) && !cage.set();
        return offInBloom ? OFF_EARLY : TIGHT;
    }

    /** A bag over a cluster, whose flowers open while it is on. */
    public static CoverVerdict ofBag(Life bag) {
        if (bag.openFlowers()) {
            return LATE;
        }
        if (!bag.openings().isEmpty()) {
            return OPENED;
        }
        return bag.off().isPresent() && !bag.set() ? OFF_EARLY : TIGHT;
    }
}
