package theriseed.core.isolation;

import java.time.LocalDate;
import java.util.Optional;
import theriseed.core.bloom.BloomSpread;
import theriseed.core.bloom.BloomWindow;

/** How far what somebody says of a crop beyond the fence can be relied on. */
public final class NeighbourReport {
    /** How far a spot pointed at over a fence may be off, metres. Experience. */
    public static final double POSITION_ERROR_M = 10;

    /** Days after which what was seen may stand there no more: another season has begun. */
    private static final int STALE_AFTER_DAYS = 365;

    /** Sd of a bloom that was looked at over a fence now and then, days. Experience. */
    private static final double FRESH_DAYS = 3;

    /** Sd of a bloom told from what was seen in another year, days: weather and sowing move it. Experience. */
    private static final double STALE_DAYS = 10;

    /** Share of a garden's ground that may flower with one kind. Experience. */
    private static final double OF_ONE_KIND = 0.05;

    /** What is cut while nobody knows when it flowered may have flowered for so long. */
    private static final int UNKNOWN_BLOOM_DAYS = 60;

    private NeighbourReport() {}

    /** What is known of who grows it, and what. */
    public enum Kind {
        /** Somebody's, who can be asked. */
        TENDED,
        /** Grows by itself: on a verge, in a hedge. */
        WILD,
        /** An owner who will not tell what it is: it may be anything, all over. */
        NOT_TOLD,
        /** A garden nobody knows: it may have some of anything. */
        GARDEN;

        public boolean cropKnown() {
            return this == TENDED || this == WILD;
        }

        /** Square metres that may flower with what can cross. @param area of all of it */
        public double inFlower(double area) {
            return this == GARDEN ? OF_ONE_KIND * area : area;
        }
    }

    /**
     * A stand whose owner means to cut it, or was seen to have: what it shed before is not taken back. A promise is not
     * sure.
     *
     * @param by day by which it is to be cut
     * @param seen day on which it was seen cut; none while it is a promise
     */
    public static Stand cut(Stand stand, LocalDate by, Optional<LocalDate> seen) {
        LocalDate last = seen.orElse(by);
        if (stand.bloom().isEmpty()) {
            return seen.isPresent()
                    ? stand.blooming(Optional.of(new BloomWindow(last.minusDays(UNKNOWN_BLOOM_DAYS), last)))
                            .surely(true)
                    : stand.controlled(PollenControl.NEVER_FLOWERS).surely(false);
        }
        BloomWindow bloom = stand.bloom().get();
        if (!last.isAfter(bloom.first())) {
            return stand.controlled(PollenControl.NEVER_FLOWERS).surely(seen.isPresent());
        }
        return last.isBefore(bloom.last())
                ? stand.blooming(
                                new BloomWindow(bloom.first(), last),
                                new BloomSpread(
                                        stand.spread().first(),
                                        seen.isPresent()
                                                ? BloomSpread.SEEN
                                                : stand.spread().last()))
                        .surely(seen.isPresent() && stand.sure())
                : stand;
    }

    /**
     * Whether it is time to see that a promise was kept: from the day it was promised for, while there is bloom to lose.
     *
     * @param bloom as it was told; none when nobody knows
     */
    public static boolean toBeSeen(LocalDate by, Optional<BloomWindow> bloom, LocalDate today) {
        LocalDate last = bloom.map(BloomWindow::last).orElse(by.plusDays(UNKNOWN_BLOOM_DAYS));
        return !today.isBefore(by) && !today.isAfter(last);
    }

    /** How far the days of a bloom that ends on a day may be off, told from what was seen on another. */
    public static BloomSpread spread(LocalDate seenOn, LocalDate lastBloom) {
        return BloomSpread.ofBoth(fresh(seenOn, lastBloom) ? FRESH_DAYS : STALE_DAYS);
    }

    /** Whether what was seen on a day still tells of a bloom that ends on another. */
    public static boolean fresh(LocalDate seenOn, LocalDate lastBloom) {
        return !lastBloom.isAfter(seenOn.plusDays(STALE_AFTER_DAYS));
    }
}
