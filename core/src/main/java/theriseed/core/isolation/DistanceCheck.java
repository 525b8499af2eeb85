package theriseed.core.isolation;

import theriseed.core.measure.Range;

/**
 * Whether a distance is as long as the recipient's grade needs, given how well the two edges are known. It covers known
 * plantings only and certifies nothing.
 *
 * @param metres edge to edge, 0 to 100 000
 * @param error position error of the pair, metres, 0 to 1000
 * @param asked metres asked by the recipient's grade, 0 to 20 000
 */
public record DistanceCheck(double metres, double error, double asked) {
    private static final Range METRES = Range.of(0, 100_000, "m");
    private static final Range ERROR = Range.of(0, 1000, "m");
    private static final Range ASKED = Range.of(0, 20_000, "m");

    public DistanceCheck {
        METRES.check("D", metres);
        ERROR.check("u", error);
        ASKED.check("R", asked);
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
