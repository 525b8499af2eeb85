package theriseed.core.lot;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/**
 * The generation of each of many lots, every lot counted once.
 *
 * @param <K> what a lot is known by
 */
public final class SeedGenerations<K> {
    private final Function<K, Came<K>> came;
    private final Map<K, SeedGeneration> counted = new HashMap<>();

    /**
     * What seed of a lot came of.
     *
     * @param grown whether it was picked from plants that were sown with the {@code lots}, else it was transferred out of them
     * @param lots each known by the same means
     * @param elsewhere whether its plants were sown with seed from elsewhere too
     */
    public record Came<K>(boolean grown, Collection<K> lots, boolean elsewhere) {}

    /** @param came of what seed of a lot came */
    public SeedGenerations(Function<K, Came<K>> came) {
        this.came = came;
    }

    /** Records that make a lot come of itself end the counting there: nothing is known behind them. */
    public SeedGeneration of(K lot) {
        SeedGeneration known = counted.putIfAbsent(lot, SeedGeneration.UNKNOWN);
        if (known != null) {
            return known;
        }
        Came<K> from = came.apply(lot);
        List<SeedGeneration> before = new ArrayList<>();
        from.lots().forEach(parent -> before.add(of(parent)));
        if (from.elsewhere()) {
            before.add(SeedGeneration.FROM_ELSEWHERE);
        }
        SeedGeneration generation = from.grown() ? SeedGeneration.grownFrom(before) : SeedGeneration.together(before);
        counted.put(lot, generation);
        return generation;
    }
}
