package theriseed.core.bench;

import java.util.OptionalInt;
import theriseed.core.measure.Chance;
import theriseed.core.measure.Range;

/**
 * Whether a step was set right, from seed that was drawn and looked at: sound seed among what was thrown out, or broken
 * seed among what was kept. Limits are exact (Clopper and Pearson 1934); a cut test takes full, white seed for sound,
 * which says less than a germination test does.
 *
 * @param share found of the seed looked at, with {@code lower} and {@code upper} 95 % limits, each one-sided
 * @param lost grams of sound seed thrown out, or of broken seed kept, at that share
 * @param lostShare of all sound seed there was, the kept taken as sound throughout; or of what was kept
 * @param verdict at those limits
 */
public record Setting(double share, double lower, double upper, double lost, double lostShare, Verdict verdict) {
    /** What was looked at, and how. */
    public enum Look {
        /** Seed thrown out, cut open. */
        DISCARD_CUT,
        /** Seed thrown out, put to germinate. */
        DISCARD_GERMINATED,
        /** Seed kept, looked at for broken and cracked ones. */
        KEPT_BROKEN
    }

    /** What it says of the setting. */
    public enum Verdict {
        RIGHT,
        TOO_HARD,
        LOOK_AT_MORE
    }

    /** Share that may be lost before a softer setting is worth it; a rule of thumb. */
    public static final double ALLOWED = 0.05;

    private static final double CONFIDENCE = 0.95;
    private static final Range SEEDS = Range.of(1, 10_000, "seeds");
    private static final int MOST_WORTH_IT = 1000;

    /**
     * @param seeds looked at
     * @param found sound ones of what was thrown out, or broken ones of what was kept
     * @param discarded grams of seed thrown out, above 0 unless the kept was looked at
     * @param kept grams that came out, above 0
     */
    public static Setting of(Look look, int seeds, int found, double discarded, double kept) {
        SEEDS.check("seeds", seeds);
        Range.of(0, seeds, "seeds").check("found", found);
        Range.above(0, 1e9, "g").check("kept", kept);
        if (look != Look.KEPT_BROKEN) {
            Range.above(0, 1e9, "g").check("discarded", discarded);
        }
        double share = found / (double) seeds;
        double lower = Chance.lowerLimit(found, seeds, CONFIDENCE);
        double upper = Chance.upperLimit(found, seeds, CONFIDENCE);
        Verdict verdict = lost(look, upper, discarded, kept) <= ALLOWED
                ? Verdict.RIGHT
                : lost(look, lower, discarded, kept) > ALLOWED ? Verdict.TOO_HARD : Verdict.LOOK_AT_MORE;
        double grams = share * (look == Look.KEPT_BROKEN ? kept : discarded);
        return new Setting(share, lower, upper, grams, lost(look, share, discarded, kept), verdict);
    }

    private static double lost(Look look, double share, double discarded, double kept) {
        return look == Look.KEPT_BROKEN ? share : share * discarded / (share * discarded + kept);
    }

    /** Seeds to look at in all until it is likely to be told, when they show the same share; none when that is too many. */
    public static OptionalInt enough(Look look, int seeds, int found, double discarded, double kept) {
        for (int many = seeds; many <= MOST_WORTH_IT; many += Math.max(10, seeds / 2)) {
            int same = (int) Math.round(many * (found / (double) seeds));
            if (of(look, many, same, discarded, kept).verdict() != Verdict.LOOK_AT_MORE) {
                return OptionalInt.of(many);
            }
        }
        return OptionalInt.empty();
    }
}
