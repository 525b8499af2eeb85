package theriseed.core.measure;

import java.util.function.IntPredicate;

/** The fewest of something that is enough: doubled until it is, then halved between. */
public final class Fewest {
    /** More than anybody sows, pollinates or looks at; what needs more is refused. */
    private static final Range SENSIBLE = Range.of(1, 1e9, "");

    private Fewest() {}

    /**
     * @param field what is looked for, as it is called when more would be needed than makes sense
     * @param least that may be enough, at least 1
     * @param guess near which it may be
     * @param enough whether so many are; once enough, more are too
     * @throws OutOfRange where more than a thousand million are needed
     */
    public static int of(String field, double least, double guess, IntPredicate enough) {
        int low = Chance.roundUp(SENSIBLE.check(field, least));
        int high = Math.max(low, Chance.roundUp(SENSIBLE.check(field, Math.max(1, guess))));
        while (!enough.test(high)) {
            low = high + 1;
            high = (int) SENSIBLE.check(field, high * 2.0);
        }
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (enough.test(middle)) {
                high = middle;
            } else {
                low = middle + 1;
            }
        }
        return high;
    }
}
