package theriseed.core.selection;

import theriseed.core.measure.Chance;
import theriseed.core.measure.Range;

/**
 * What keeping the best of a stand gains in one generation, and what it costs in diversity. One normal trait, one
 * generation; for selfing lines the variance among lines counts, and below three plants kept the intensity is rough.
 *
 * <p>Falconer and Mackay (1996); finite numbers after Burrows (1972).
 *
 * @param kept share of the plants scored
 * @param intensity of an endless stand, in phenotypic standard deviations
 * @param finite the same for this many plants
 * @param response gain of the next generation, in units of the score
 * @param diversityLost share of heterozygosity lost in this generation
 */
public record SelectionResponse(double kept, double intensity, double finite, double response, double diversityLost) {
    /** When the others are out of the way. */
    public enum Sides {
        /** Rogued before flowering: neither their seed nor their pollen counts. */
        BOTH,
        /** Chosen only at harvest: the others fathered the seed all the same. */
        MOTHERS_ONLY
    }

    /**
     * @param scored plants, at least 2
     * @param kept plants, 1 to less than scored
     * @param heritability of a plant's score, narrow sense, 0 to 1
     * @param deviation phenotypic standard deviation of the score, above 0
     * @param selfing share of its seed that a plant fathers itself, 0 to 1: a selfed seed has both its halves from the
     *     mother that was chosen
     * @param effectiveSize effective population size of the parents, above 0
     */
    public static SelectionResponse of(
            int scored,
            int kept,
            double heritability,
            double deviation,
            Sides sides,
            double selfing,
            double effectiveSize) {
        Range.of(2, 1e6, "plants").check("N", scored);
        Range.below(1, scored, "plants").check("n", kept);
        Range.of(0, 1, "").check("h2", heritability);
        Range.above(0, 1e6, "").check("sdP", deviation);
        Range.of(0, 1, "").check("selfing", selfing);
        Range.above(0, 1e6, "plants").check("Ne", effectiveSize);
        double share = kept / (double) scored;
        double intensity = Chance.normalDensity(Chance.normalQuantile(1 - share)) / share;
        double finite = intensity - (scored - kept) / (2.0 * kept * (scored + 1) * intensity);
        double response = finite * heritability * deviation * (sides == Sides.BOTH ? 1 : (1 + selfing) / 2);
        return new SelectionResponse(share, intensity, finite, response, 1 / (2 * effectiveSize));
    }

    /** Gain for each hundredth of the heterozygosity given up. */
    public double responsePerPercentLost() {
        return response / (100 * diversityLost);
    }
}
