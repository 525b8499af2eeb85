package theriseed.core.isolation;

import theriseed.core.measure.Range;

/**
 * Whether a distance is as long as the recipient's grade asks, given how well the two edges are known. It covers known
 * plantings only and certifies nothing.
 *
 * @param metres edge to edge, 0 to 100 000
 * @param error position error of the pair, metres, 0 to 500
 * @param asked metres asked by the recipient's grade, 0 to 20 000
 */
public record DistanceCheck(double metres, double error, double asked) {
    public DistanceCheck {
        Range.of(0, 100_000, "m").check("D", metres);
        Range.of(0, 500, "m").check("u", error);
        Range.of(0, 20_000, "m").check("R", asked);
    }

    /** Far enough even if both edges are off. */
    public boolean enough() {
        return metres - error >= asked;
    }

    /** Too near even if both edges are off. Neither this nor {@link #enough}: measure on the ground. */
    public boolean tooClose() {
        return metres + error < asked;
    }

    public double shortfall() {
        return Math.max(0, asked - metres);
    }
}
