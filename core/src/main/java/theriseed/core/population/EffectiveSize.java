package theriseed.core.population;

import theriseed.core.measure.Range;

/**
 * Effective population size (Ne) of a seed crop. One generation's sampling; closed population, no selection,
 * unrelated plants.
 *
 * <p>Wright (1938), Kimura and Crow (1963), Crow and Denniston (1988), Caballero (1994).
 */
public final class EffectiveSize {
    private static final Range PLANTS = Range.of(1, 1e6, "plants");
    private static final Range INBREEDING = Range.of(0, 1, "");

    private EffectiveSize() {}

    /** Inbreeding F of a crop that selfs a share {@code selfing} of its seed, 0 to 1. */
    public static double inbreeding(double selfing) {
        return Range.of(0, 1, "").check("s", selfing) / (2 - selfing);
    }

    /** Ne of N plants giving equal seed, inbreeding F. */
    public static double of(double plants, double inbreeding) {
        return PLANTS.check("N", plants) / (1 + INBREEDING.check("F", inbreeding));
    }

    /** Plants that would give as much if all gave alike: (sum w)&sup2; / sum w&sup2;, w the seed mass of each mother. */
    public static double equalPlants(double... seedMass) {
        Range.of(2, 1e6, "plants").check("w", seedMass.length);
        double sum = 0;
        double squares = 0;
        for (int i = 0; i < seedMass.length; i++) {
            double mass = Range.of(0, 1e6, "g").check("w[" + i + "]", seedMass[i]);
            sum += mass;
            squares += mass * mass;
        }
        Range.above(0, 1e12, "g").check("sum of w", sum);
        return sum * sum / squares;
    }

    /** Ne when only the mothers' seed differs and pollen comes evenly from all. */
    public static double mothersOnly(double inbreeding, double... seedMass) {
        return 4 / (1 / equalPlants(seedMass) + 3.0 / seedMass.length) / (1 + INBREEDING.check("F", inbreeding));
    }

    /**
     * Ne of plants that are both mothers and fathers, by what each gave: never more than there are plants.
     *
     * @param inbreeding 0 to 1
     * @param mothers what each plant gave as a mother, seed or fruit; {@code fathers} what the same plants gave as fathers
     */
    public static double ofParents(double inbreeding, double[] mothers, double[] fathers) {
        Range.of(2, 1e6, "plants").check("mothers", mothers.length);
        Range.of(mothers.length, mothers.length, "plants").check("fathers", fathers.length);
        double seed = sum("mothers", mothers);
        double pollen = sum("fathers", fathers);
        double squares = 0;
        for (int i = 0; i < mothers.length; i++) {
            double share = (mothers[i] / seed + fathers[i] / pollen) / 2;
            squares += share * share;
        }
        return 1 / squares / (1 + INBREEDING.check("F", inbreeding));
    }

    private static double sum(String name, double[] given) {
        double sum = 0;
        for (int i = 0; i < given.length; i++) {
            sum += Range.of(0, 1e9, "").check(name + "[" + i + "]", given[i]);
        }
        return Range.above(0, 1e15, "").check("sum of " + name, sum);
    }

    /**
     * Ne of a stand whose seed is kept from some plants only, while all shed pollen.
     *
     * @param kept plants seed is kept from, all alike, 1 to {@code standing}
     * @param selfing share of the seed, 0 to 1
     */
    public static double ofChosenMothers(int kept, int standing, double selfing) {
        Range.of(1, 1e6, "plants").check("N", standing);
        Range.of(1, standing, "plants").check("n", kept);
        double pollen = (1 - selfing) / standing;
        double chosen = ((1 + selfing) / kept + pollen) / 2;
        double other = pollen / 2;
        return 1 / (kept * chosen * chosen + (standing - kept) * other * other) / (1 + inbreeding(selfing));
    }

    /** Ne from the realised number of gametes each parent has among the next parents. */
    public static double ofGametes(double... gametes) {
        int n = Range.of(2, 1e6, "plants").check("k", gametes.length);
        double sum = 0;
        for (double k : gametes) {
            sum += Range.of(0, 1e6, "gametes").check("k", k);
        }
        double mean = sum / n;
        double variance = 0;
        for (double k : gametes) {
            variance += (k - mean) * (k - mean) / n;
        }
        return (n * mean - 1) / (mean - 1 + variance / mean);
    }

    /** Ne of separate sexes. */
    public static double ofSexes(double males, double females) {
        PLANTS.check("Nm", males);
        PLANTS.check("Nf", females);
        return 4 * males * females / (males + females);
    }

    /** Ne over generations of unequal size: the harmonic mean. */
    public static double overGenerations(double... sizes) {
        double inverse = 0;
        for (double size : sizes) {
            inverse += 1 / PLANTS.check("Ne", size);
        }
        return sizes.length / inverse;
    }
}
