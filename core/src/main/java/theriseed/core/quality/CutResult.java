package theriseed.core.quality;

import theriseed.core.measure.Chance;
import theriseed.core.measure.Range;

/**
 * Seed cut open to see what is in it: quick, and before any sowing. It tells full from empty, not alive from dead.
 *
 * @param seeds cut
 * @param share sound ones, 0 to 1
 * @param lower exact 95 % limit; {@code upper} likewise
 */
public record CutResult(int seeds, double share, double lower, double upper) {
    /**
     * @param sound firm, white and full
     * @param empty without a kernel
     * @param eaten by insects
     * @param shrunken or rotten inside
     */
    public static CutResult of(int sound, int empty, int eaten, int shrunken) {
        int[] counts = {sound, empty, eaten, shrunken};
        String[] names = {"sound", "empty", "eaten", "shrunken"};
        int seeds = 0;
        for (int i = 0; i < counts.length; i++) {
            seeds += Range.of(0, 10_000, "seeds").check(names[i], counts[i]);
        }
        Range.of(10, 10_000, "seeds").because("CUT_IN_ALL").check("sound", seeds);
        return new CutResult(
                seeds,
                sound / (double) seeds,
                Chance.lowerLimit(sound, seeds, 0.975),
                Chance.upperLimit(sound, seeds, 0.975));
    }
}
