package theriseed.core.bench;

import java.time.Duration;
import java.time.Instant;
import theriseed.core.measure.Range;

/**
 * Seed in an alkaline cleaner, that takes what clings to it off in minutes, not hours. How long a product needs its label says,
 * or a handful of seed tried before; no figure for it was found that holds for all. The longest that may be planned and when it
 * counts as too long are conventions of ours.
 *
 * @param outAt when it is to come out
 * @param left minutes until then; below 0 once it is over
 * @param stands whether it is still to stay in
 */
public record AlkalineWash(Instant outAt, double left, Stands stands) {
    private static final int LONGEST = 240;
    private static final int TOO_LONG_TIMES = 2;

    /** How seed in a cleaner stands. */
    public enum Stands {
        IN,
        /** It is to come out. */
        OUT_NOW,
        /** It was in for twice as long as was meant: test its germination before anything else. */
        TOO_LONG
    }

    /** @param minutes it is meant to stay in, 1 to 240 */
    public static AlkalineWash of(Instant begun, int minutes, Instant now) {
        Range.of(1, LONGEST, "minutes").check("minutes", minutes);
        Instant outAt = begun.plus(Duration.ofMinutes(minutes));
        double left = Duration.between(now, outAt).toMillis() / 60_000.0;
        Stands stands;
        if (left > 0) {
            stands = Stands.IN;
        } else {
            stands = -left >= (TOO_LONG_TIMES - 1) * minutes ? Stands.TOO_LONG : Stands.OUT_NOW;
        }
        return new AlkalineWash(outAt, left, stands);
    }
}
