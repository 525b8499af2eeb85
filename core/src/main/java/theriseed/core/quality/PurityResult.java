package theriseed.core.quality;

import theriseed.core.measure.Range;

/**
 * Parts of a sample by weight. ISTA Rules, purity chapter.
 *
 * @param weightChange percent by which the parts differ from the start
 * @param valid whether that is at most {@link #CHANGE_ALLOWED} %
 * @param percent pure, other crop, weed, inert, of the sum of parts
 * @param reported the same to one decimal, adding up to 100
 */
public record PurityResult(double weightChange, boolean valid, double[] percent, double[] reported) {
    /** Percent by which the parts may differ from the sample; what differs more was spilt or mixed. ISTA Rules. */
    public static final double CHANGE_ALLOWED = 5;

    /**
     * Percent that is taken to be pure seed where nobody tested it: hand-cleaned seed of large-seeded crops is purer, of
     * small-seeded ones often not.
     */
    public static final double TAKEN = 98;

    /** All in grams, the start above 0. */
    public static PurityResult of(double initial, double pure, double other, double weed, double inert) {
        Range.above(0, 1e6, "g").check("initial", initial);
        double[] parts = {pure, other, weed, inert};
        String[] names = {"pure", "other", "weed", "inert"};
        double sum = 0;
        for (int i = 0; i < parts.length; i++) {
            sum += Range.of(0, 1e6, "g").check(names[i], parts[i]);
        }
        Range.above(0, 1e6, "g").check("sum of parts", sum);
        double[] percent = new double[4];
        double[] reported = new double[4];
        int largest = 0;
        double reportedSum = 0;
        for (int i = 0; i < parts.length; i++) {
            percent[i] = 100 * parts[i] / sum;
            reported[i] = Math.round(10 * percent[i]) / 10.0;
            reportedSum += reported[i];
            largest = percent[i] > percent[largest] ? i : largest;
        }
        reported[largest] = Math.round(10 * (reported[largest] + 100 - reportedSum)) / 10.0;
        double change = 100 * (sum - initial) / initial;
        return new PurityResult(change, Math.abs(change) <= CHANGE_ALLOWED, percent, reported);
    }

    /** Percent pure seed, as reported. */
    public double pure() {
        return reported[0];
    }

    /** Percent seed of other crops, as reported. */
    public double other() {
        return reported[1];
    }

    /** Percent seed of weeds, as reported. */
    public double weed() {
        return reported[2];
    }

    /** Share of the lot that is pure and germinates, percent; never to be given with dormant seed. */
    public double pureLiveSeed(double germination) {
        return percent[0] * Range.of(0, 100, "%").check("germ", germination) / 100;
    }
}
