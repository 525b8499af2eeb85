package theriseed.core.isolation;

import theriseed.core.ground.Place;
import theriseed.core.measure.Range;

/**
 * Something between two plantings that holds pollen back. How much is a convention, not a measurement: cutting the flow
 * to a half with a tall barrier is common, not proven.
 *
 * @param held share of the pollen it holds back, 0 to 0.9
 */
public record Barrier(Place place, double held) {
    /** What a barrier is made of, and what is usually assumed of it. */
    public enum Kind {
        WOOD(0.5),
        HEDGE(0.3),
        BUILDING(0.4),
        TALL_CROP(0.3);

        private final double usuallyHeld;

        Kind(double usuallyHeld) {
            this.usuallyHeld = usuallyHeld;
        }

        /** Share held back when the grower knows no better. */
        public double usuallyHeld() {
            return usuallyHeld;
        }
    }

    /** All barriers of a row together never hold back more than this. */
    public static final double MOST_HELD = 0.9;

    private static final Range HELD = Range.of(0, MOST_HELD, "");

    public Barrier {
        HELD.check("held", held);
    }
}
