package theriseed.core.stall;

import theriseed.core.measure.Chance;
import theriseed.core.measure.Range;

/**
 * How full a packet must be so that hardly any holds fewer seeds than its label says. The error of the lot's seed weight
 * is common to all its packets: count again for each lot.
 *
 * @param meanCount seeds a packet holds on average
 * @param grams to fill
 * @param naiveGrams the weight of the label count alone
 * @param overfill percent given on top
 */
public record FillWeight(double meanCount, double grams, double naiveGrams, double overfill) {
    /** Relative sd of a lot's seed weight, of single seeds and of a scooped weight, when the farm knows no better. */
    public static final double USUAL_LOT = 0.02;

    public static final double USUAL_SEED = 0.2;
    public static final double USUAL_SCOOP = 0.03;

    /** With which a packet should hold its label: of twenty one may hold less. */
    public static final double USUAL_CONFIDENCE = 0.95;

    private static final Range SPREAD = Range.of(0, 0.5, "");

    /**
     * @param label seeds promised, at least 1 (the normal approximation is good from 10)
     * @param thousandSeedWeight grams, above 0
     * @param purity percent, above 0
     * @param confidence that a packet holds the label, 0.5 to 0.999
     */
    public static FillWeight of(
            int label,
            double thousandSeedWeight,
            double purity,
            double lotSpread,
            double seedSpread,
            double scoopSpread,
            double confidence) {
        Range.of(1, 1e6, "seeds").check("label", label);
        Range.above(0, 5000, "g").check("tsw", thousandSeedWeight);
        Range.above(0, 100, "%").check("purity", purity);
        SPREAD.check("cvT", lotSpread);
        SPREAD.check("cvS", seedSpread);
        SPREAD.check("cvW", scoopSpread);
        Range.of(0.5, 0.999, "").check("conf", confidence);
        double z = Chance.normalQuantile(confidence);
        double wanted = label - 0.5;
        double a = lotSpread * lotSpread + scoopSpread * scoopSpread;
        double leading = 1 - z * z * a;
        Range.above(0, 1, "").check("1 - z2(cvT2 + cvW2)", leading);
        double linear = 2 * wanted + z * z * seedSpread * seedSpread;
        double mean = (linear + Math.sqrt(linear * linear - 4 * leading * wanted * wanted)) / (2 * leading);
        double perSeed = thousandSeedWeight / 1000 / (purity / 100);
        return new FillWeight(mean, mean * perSeed, label * perSeed, 100 * (mean / label - 1));
    }

    /**
     * For packets sold by weight: a little more than the label, so that hardly any holds less.
     *
     * @param label grams promised, above 0
     * @param scoopSpread relative sd of a scooped weight, 0 to 0.5
     * @param confidence 0.5 to 0.999
     */
    public static double byWeight(double label, double scoopSpread, double confidence) {
        Range.above(0, 1e6, "g").check("grams", label);
        SPREAD.check("cvW", scoopSpread);
        Range.of(0.5, 0.999, "").check("conf", confidence);
        return label / (1 - Chance.normalQuantile(confidence) * scoopSpread);
    }
}
