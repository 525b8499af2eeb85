package theriseed.core.population;

import java.util.List;
import java.util.stream.DoubleStream;
import theriseed.core.crop.Crop;
import theriseed.core.crop.Grade;
import theriseed.core.measure.Range;

/**
 * Whether a planting has plants enough for its grade, and what it would take.
 *
 * @param plants giving seed, as planned
 * @param asked by the grade
 * @param effectiveSize effective population size of those plants when all give alike
 * @param keepsOneInTwenty chance that a type carried by one gamete in twenty is still among them
 * @param keepsOneInHundred the same of one in a hundred
 * @param diversityKept share of heterozygosity left after ten generations of this size
 * @param seedToSow seeds for a 95 % chance that the plants asked stand
 */
public record PopulationPlan(
        int plants,
        int asked,
        Mark mark,
        double effectiveSize,
        double keepsOneInTwenty,
        double keepsOneInHundred,
        double diversityKept,
        SowingNeed seedToSow) {
    /** Enough, at least seven tenths of it, or less. */
    public enum Mark {
        CLEAR,
        TIGHT,
        SHORT
    }

    private static final double TIGHT_FROM = 0.7;
    private static final int GENERATIONS = 10;

    /** Share of germinated seed that becomes a standing plant, when the farm knows no better. */
    public static final double USUAL_ESTABLISHMENT = 0.8;

    /** Share of plants left after roguing, when the farm knows no better. */
    public static final double USUAL_ROGUED_CLEAN = 0.95;

    /** Share of plants that come through a winter, when the farm knows no better. */
    public static final double USUAL_WINTER = 0.75;

    /**
     * @param plants planned, 1 to a million
     * @param germination of the seed sown, percent, above 0
     * @param selected share of the survivors kept when the best are chosen, above 0 to 1
     */
    public static PopulationPlan of(Crop crop, Grade grade, int plants, double germination, double selected) {
        Range.of(1, 1e6, "plants").check("plants", plants);
        Range.above(0, 100, "%").check("germination", germination);
        int asked = (int) crop.plants().of(grade);
        double effective = effectiveSize(crop, plants);
        SowingNeed need = SowingNeed.of(
                Math.max(plants, asked),
                selected,
                0,
                germination / 100,
                USUAL_ESTABLISHMENT,
                USUAL_ROGUED_CLEAN,
                crop.lifeCycle().flowersAfterWinter() ? USUAL_WINTER : 1);
        double inbreeding = EffectiveSize.inbreeding(1 - crop.naturalOutcrossing());
        return new PopulationPlan(
                plants,
                asked,
                mark(plants, asked),
                effective,
                DiversityKept.chanceToKeep(0.05, plants, inbreeding),
                DiversityKept.chanceToKeep(0.01, plants, inbreeding),
                DiversityKept.after(GENERATIONS, Math.max(1, effective)),
                need);
    }

    /** How a number of plants stands to the number asked. */
    public static Mark mark(int plants, int asked) {
        return plants >= asked ? Mark.CLEAR : plants >= TIGHT_FROM * asked ? Mark.TIGHT : Mark.SHORT;
    }

    /**
     * Ne of plants of which some were weighed one by one; the others are taken to have given as much as those on
     * average, and each as much pollen as seed, for nobody knows that pollen came evenly from all. Where the sexes stand
     * apart those weighed are females, and half of the plants are males as far as there are so many.
     *
     * @param plants that stood, of both sexes
     * @param weighed seed of single plants, grams; fewer than two tell nothing
     */
    public static double effectiveSize(Crop crop, int plants, List<Double> weighed) {
        boolean sexesApart = crop.sexes().equals("dioecious");
        int all = Math.max(plants, weighed.size());
        double mean =
                weighed.stream().mapToDouble(Double::doubleValue).average().orElse(0);
        if (weighed.size() < 2 || mean == 0) {
            return effectiveSize(crop, all);
        }
        int bearing = sexesApart ? Math.max(all - all / 2, weighed.size()) : all;
        double[] seed = DoubleStream.concat(
                        weighed.stream().mapToDouble(Double::doubleValue),
                        DoubleStream.generate(() -> mean).limit(bearing - weighed.size()))
                .toArray();
        double equal = EffectiveSize.equalPlants(seed);
        return sexesApart
                ? Math.min(all, EffectiveSize.ofSexes(Math.max(1, all - bearing), equal))
                : EffectiveSize.of(equal, EffectiveSize.inbreeding(1 - crop.naturalOutcrossing()));
    }

    /** Ne of plants seed is kept from in a stand whose other plants only shed pollen: females, where the sexes stand apart. */
    public static double effectiveSizeOfMothers(Crop crop, int kept, int standing) {
        return crop.sexes().equals("dioecious")
                ? EffectiveSize.ofSexes(Math.max(1, standing / 2), kept)
                : EffectiveSize.ofChosenMothers(kept, standing, 1 - crop.naturalOutcrossing());
    }

    /** Ne of plants that all give alike: half male, half female where the sexes stand apart. */
    public static double effectiveSize(Crop crop, int plants) {
        if (crop.sexes().equals("dioecious") && plants >= 2) {
            return EffectiveSize.ofSexes(plants / 2, plants - plants / 2);
        }
        return EffectiveSize.of(plants, EffectiveSize.inbreeding(1 - crop.naturalOutcrossing()));
    }
}
