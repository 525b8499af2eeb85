package theriseed.core.population;

import theriseed.core.measure.Range;

/** What a population of some size keeps of a variety's diversity. Marshall and Brown (1975), Crossa et al. (1993). */
public final class DiversityKept {
    private DiversityKept() {}

    /** Share of heterozygosity left after generations at one effective size. */
    public static double after(int generations, double effectiveSize) {
        Range.of(0, 1000, "generations").check("t", generations);
        return Math.pow(1 - 1 / (2 * Range.of(1, 1e6, "plants").check("Ne", effectiveSize)), generations);
    }

    /** Share left after generations of these effective sizes, one each. */
    public static double through(double... effectiveSizes) {
        double kept = 1;
        for (double size : effectiveSizes) {
            kept *= after(1, size);
        }
        return kept;
    }

    /** Chance that a type carried at frequency p is among N plants of inbreeding F. */
    public static double chanceToKeep(double frequency, double plants, double inbreeding) {
        Range.between(0, 1, "").check("p", frequency);
        Range.of(1, 1e6, "plants").check("N", plants);
        return 1 - Math.pow(1 - frequency, 2 * plants / (1 + Range.of(0, 1, "").check("F", inbreeding)));
    }

    /** Plants that keep a type of frequency p with that chance. */
    public static int plantsToKeep(double frequency, double chance, double inbreeding) {
        Range.between(0, 1, "").check("p", frequency);
        Range.between(0, 1, "").check("P", chance);
        Range.of(0, 1, "").check("F", inbreeding);
        return (int) Math.ceil(Math.log1p(-chance) / (2 / (1 + inbreeding) * Math.log1p(-frequency)));
    }
}
