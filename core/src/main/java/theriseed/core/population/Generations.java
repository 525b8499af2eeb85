package theriseed.core.population;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import theriseed.core.measure.Range;

/**
 * The generations a stock went through: one narrow year costs more than many wide ones win back.
 *
 * @param effective size over all of them, the harmonic mean of their sizes
 * @param kept share of heterozygosity left after them
 * @param weakest generation
 * @param all of them, oldest first
 */
public record Generations(double effective, double kept, Generation weakest, List<Generation> all) {
    /** Seed of one year, and the effective size of what it was picked from. */
    public record Generation(int year, double effectiveSize) {
        public Generation {
            Range.of(1, 1e6, "plants").check("Ne", effectiveSize);
        }
    }

    /** None where no generation is known. */
    public static Optional<Generations> of(List<Generation> generations) {
        if (generations.isEmpty()) {
            return Optional.empty();
        }
        double[] sizes =
                generations.stream().mapToDouble(Generation::effectiveSize).toArray();
        double kept = 1;
        for (double size : sizes) {
            kept *= DiversityKept.after(1, size);
        }
        Generation weakest = generations.stream()
                .min(Comparator.comparing(Generation::effectiveSize))
                .orElseThrow();
        return Optional.of(new Generations(
                EffectiveSize.overGenerations(sizes),
                kept,
                weakest,
                generations.stream()
                        .sorted(Comparator.comparing(Generation::year))
                        .toList()));
    }
}
