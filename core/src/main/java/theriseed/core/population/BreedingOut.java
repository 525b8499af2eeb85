package theriseed.core.population;

import java.util.Collection;
import theriseed.core.crop.Crop;
import theriseed.core.measure.Range;

/**
 * An open-pollinated line bred out of a hybrid: seed is kept from what comes closest to what is wanted, year after year,
 * until it comes true. Until then it is another thing than the hybrid, and never goes under its name.
 *
 * @param generation of the plants: the hybrid itself is the first, what grows from its seed the second
 * @param mixed share of what the two parents of the hybrid differed in that a plant still carries of both, 0 to 1. By
 *     selfing alone, without choosing and without chance: a crop that crosses freely stays mixed until like is grown with
 *     like.
 */
public record BreedingOut(int generation, double mixed) {
    /** From this generation on, a crop that selfs is usually called fixed. A convention. */
    public static final int USUALLY_FIXED = 6;

    private static final Range GENERATION = Range.of(1, 100, "generations");

    public BreedingOut {
        GENERATION.check("generation", generation);
        Range.of(0, 1, "").check("mixed", mixed);
    }

    /** Of plants of so many generations. */
    public static BreedingOut of(Crop crop, int generation) {
        double selfed = 1 - crop.naturalOutcrossing();
        GENERATION.check("generation", generation);
        return new BreedingOut(generation, Math.pow(1 - selfed / 2, generation - 1.0));
    }

    /**
     * Of the plants of a season.
     *
     * @param seasons in which the line was grown for seed, in any order
     */
    public static BreedingOut in(Crop crop, Collection<Integer> seasons, int season) {
        int before =
                (int) seasons.stream().distinct().filter(one -> one < season).count();
        return of(crop, before + 1);
    }
}
