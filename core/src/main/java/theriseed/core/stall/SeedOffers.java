package theriseed.core.stall;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Which lots an order is promised from: the oldest that may be sold on the day the seed is wanted, and the next as far as that
 * does not suffice. Old seed goes first because it keeps least; it is not promised where its test will have run out by then.
 * What was promised once is not promised again.
 *
 * @param <L> by what a lot is known, and {@code <R>} a packing run
 */
public final class SeedOffers<L, R> {
    /** Packets of one packing run. @param seeds in each; none where they are filled by weight */
    public record Run<R>(R key, Optional<Integer> seeds, int free) {}

    /**
     * A lot of the variety.
     *
     * @param mayBeSold whether nothing holds it back
     * @param until last day its germination test counts; none while it was never tested
     * @param free grams of bulk promised to nobody
     * @param runs oldest first
     */
    public record Lot<L, R>(L key, boolean mayBeSold, Optional<LocalDate> until, BigDecimal free, List<Run<R>> runs) {}

    /** Packets of a run, or grams of a lot's bulk. @param bulk 0 where it is packets */
    public record Promise<L, R>(L lot, Optional<R> run, int packets, BigDecimal bulk) {}

    private final List<Lot<L, R>> oldestFirst;
    private final Map<R, Integer> packetsPromised = new HashMap<>();
    private final Map<L, BigDecimal> bulkPromised = new HashMap<>();

    /** @param oldestFirst all lots of one variety */
    public SeedOffers(List<Lot<L, R>> oldestFirst) {
        this.oldestFirst = List.copyOf(oldestFirst);
    }

    /**
     * Promises packets; fewer than are wanted where there are not so many.
     *
     * @param seeds in each packet; none where any packet will do
     */
    public List<Promise<L, R>> packets(int wanted, Optional<Integer> seeds, LocalDate day) {
        List<Promise<L, R>> promises = new ArrayList<>();
        int missing = wanted;
        for (Lot<L, R> lot : oldestFirst) {
            for (Run<R> run : passesOn(lot, day) ? lot.runs() : List.<Run<R>>of()) {
                int take = seeds.isEmpty() || seeds.equals(run.seeds())
                        ? Math.min(missing, run.free() - packetsPromised.getOrDefault(run.key(), 0))
                        : 0;
                if (take > 0) {
                    promises.add(new Promise<>(lot.key(), Optional.of(run.key()), take, BigDecimal.ZERO));
                    packetsPromised.merge(run.key(), take, Integer::sum);
                    missing -= take;
                }
            }
        }
        return promises;
    }

    /** Promises grams of bulk; fewer than are wanted where there are not so many. */
    public List<Promise<L, R>> bulk(BigDecimal wanted, LocalDate day) {
        List<Promise<L, R>> promises = new ArrayList<>();
        BigDecimal missing = wanted;
        for (Lot<L, R> lot : oldestFirst) {
            BigDecimal free = lot.free().subtract(bulkPromised.getOrDefault(lot.key(), BigDecimal.ZERO));
            BigDecimal take = passesOn(lot, day) ? missing.min(free) : BigDecimal.ZERO;
            if (take.signum() > 0) {
                promises.add(new Promise<>(lot.key(), Optional.empty(), 0, take));
                bulkPromised.merge(lot.key(), take, BigDecimal::add);
                missing = missing.subtract(take);
            }
        }
        return promises;
    }

    private static boolean passesOn(Lot<?, ?> lot, LocalDate day) {
        return lot.mayBeSold() && lot.until().filter(last -> last.isBefore(day)).isEmpty();
    }
}
