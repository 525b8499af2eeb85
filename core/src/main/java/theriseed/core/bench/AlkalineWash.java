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
    /** Minutes that seed may be meant to stay in. */
    public static final Range MINUTES = Range.of(1, 240, "minutes");

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
        MINUTES.check("minutes", minutes);
        Instant outAt = begun.plus(Duration.ofMinutes(minutes));
        double left = Duration.between(now, outAt).toMillis() / 60_000.0;
        return new AlkalineWash(outAt, left, left > 0 ? Stands.IN : over(-left, minutes));
    }

    private static Stands over(double since, int minutes) {
        return since >= minutes ? Stands.TOO_LONG : Stands.OUT_NOW;
    }
}
