package theriseed.server.quality;

import java.time.LocalDate;
import java.util.List;
import theriseed.core.measure.OutOfRange;
import theriseed.core.measure.Range;
import theriseed.core.quality.SeedWeight;

/**
 * A seed weight as it is told.
 *
 * @param grams of each replicate of 100 seeds; of all the seed, where it was {@code counted} whole
 * @param counted seeds, where there are too few for replicates; null otherwise
 */
public record SeedWeightFacts(LocalDate weighedOn, List<Double> grams, Integer counted, String note) {
    public SeedWeightFacts {
        if (counted != null) {
            Range.of(1, 1, "weight").check("grams", grams.size());
        }
        result(grams, counted);
    }

    static SeedWeight result(List<Double> grams, Integer counted) {
        return OutOfRange.named(
                "reps",
                "grams",
                () -> counted != null
                        ? SeedWeight.counted(counted, grams.get(0))
                        : SeedWeight.of(
                                grams.stream().mapToDouble(Double::doubleValue).toArray()));
    }
}
