package theriseed.core.lot;

import java.util.Collection;
import java.util.stream.Stream;

/**
 * How often seed was grown on this farm since it came here from elsewhere. The further from the seed that came, the more
 * mix-ups and crossings may lie between; how often it had been grown before it came is mostly not known and not counted.
 *
 * @param grown times at least; 0 for seed from elsewhere that was never grown here
 * @param exact whether it is known of every sowing since what was sown; else it was grown here at least so often
 */
public record SeedGeneration(int grown, boolean exact) {
    /** Seed that came from elsewhere and was not grown here yet. */
    public static final SeedGeneration FROM_ELSEWHERE = new SeedGeneration(0, true);

    /** Seed of which nobody wrote down where it is from. */
    public static final SeedGeneration UNKNOWN = new SeedGeneration(0, false);

    /** Seed harvested from plants that were sown with these; with none of them known, it was grown here once at least. */
    public static SeedGeneration grownFrom(Collection<SeedGeneration> sown) {
        SeedGeneration together = together(sown);
        return new SeedGeneration(together.grown + 1, together.exact);
    }

    /** Seed of several lots in one: as often grown as the one that was grown most often. Nothing is known of none. */
    public static SeedGeneration together(Collection<SeedGeneration> lots) {
        return lots.stream()
                .reduce((one, other) -> new SeedGeneration(
                        Math.max(one.grown, other.grown), Stream.of(one, other).allMatch(SeedGeneration::exact)))
                .orElse(UNKNOWN);
    }
}
