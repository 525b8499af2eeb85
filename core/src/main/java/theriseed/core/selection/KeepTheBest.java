package theriseed.core.selection;

import java.util.List;
import java.util.TreeSet;
import theriseed.core.crop.Crop;
import theriseed.core.crop.Grade;
import theriseed.core.measure.Range;
import theriseed.core.population.PopulationPlan;
import theriseed.core.selection.SelectionResponse.Sides;

/**
 * What keeping few or many of the best comes to, side by side: the gain of the next generation, and what it costs in
 * plants and diversity. The heritability is a guess until a trial of progeny rows has measured one.
 */
public final class KeepTheBest {
    /** Heritability of a single plant's score, taken for usual; scores by eye are seldom better. */
    public static final double USUAL_HERITABILITY = 0.3;

    private static final double[] SHARES = {0.02, 0.05, 0.1, 0.2, 0.3, 0.5, 0.7};

    private KeepTheBest() {}

    /**
     * One way to choose.
     *
     * @param effectiveSize effective population size of the parents when all that are kept give alike, with those that only shed
     * @param enough whether they are as many as the grade needs
     */
    public record Option(int kept, SelectionResponse response, double effectiveSize, boolean enough) {}

    /**
     * Several numbers to keep, fewest first; the number the grade needs is among them.
     *
     * @param scored plants, at least 3
     * @param heritability 0 to 1
     * @param deviation of the scores, above 0
     */
    public static List<Option> options(
            Crop crop, Grade grade, int scored, double heritability, double deviation, Sides sides) {
        Range.of(3, 1e6, "plants").check("scored", scored);
        int asked = (int) crop.plants().of(grade);
        TreeSet<Integer> numbers = new TreeSet<>();
        for (double share : SHARES) {
            numbers.add((int) Math.max(1, Math.round(share * scored)));
        }
        numbers.add(asked);
        return numbers.headSet(scored).stream()
                .map(kept -> option(crop, scored, kept, heritability, deviation, sides, kept >= asked))
                .toList();
    }

    private static Option option(
            Crop crop, int scored, int kept, double heritability, double deviation, Sides sides, boolean enough) {
        double worth = sides == Sides.BOTH
                ? PopulationPlan.effectiveSize(crop, kept)
                : PopulationPlan.effectiveSizeOfMothers(crop, kept, scored);
        double selfing = 1 - crop.naturalOutcrossing();
        return new Option(
                kept,
                SelectionResponse.of(scored, kept, heritability, deviation, sides, selfing, worth),
                worth,
                enough);
    }
}
