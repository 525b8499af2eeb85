package theriseed.core.stall;

import java.math.BigDecimal;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What is left of a lot, by the books: clean seed less what was filled into packets, sold by weight and taken. It is below 0
 * where the books say that more left than there was; what nobody wrote down the books do not know, which a stock-taking shows.
 *
 * @param bulk grams that are not packed
 * @param reserved of it kept for the farm's own sowing, never more than there is
 * @param promised of it to somebody
 * @param free grams that may be packed or sold, at least 0
 * @param packetsSold of all runs; {@code bulkSold} grams sold by weight
 * @param brought what all sales together did
 * @param runs what is left of each packing run
 * @param <R> by what a packing run is known
 */
public record StockOfLot<R>(
        BigDecimal bulk,
        BigDecimal reserved,
        BigDecimal promised,
        BigDecimal free,
        int packetsSold,
        BigDecimal bulkSold,
        BigDecimal brought,
        Map<R, Run> runs) {
    /** Packets of a run that left, and that are promised to somebody. */
    public record Run(int gone, int promised) {}

    /** A packing run. @param taken grams it took from the bulk, with what was spilt */
    public record Packed<R>(R run, BigDecimal taken) {}

    /** What was sold of a run, or of the bulk by weight. @param bulk grams, where it was no run */
    public record Sold<R>(Optional<R> run, int packets, BigDecimal bulk, BigDecimal price) {}

    /** What was sown, tested, spoilt or written off: grams of bulk, or packets of a run. */
    public record Taken<R>(Optional<R> run, int packets, BigDecimal mass) {}

    /** What somebody was promised: packets of a run, or grams of bulk. */
    public record Promised<R>(Optional<R> run, int packets, BigDecimal bulk) {}

    /**
     * @param clean grams that came clean off the bench and did not go into other lots, at least 0
     * @param kept grams the farm wants to keep for its own sowing, at least 0
     */
    public static <R> StockOfLot<R> of(
            BigDecimal clean,
            BigDecimal kept,
            List<Packed<R>> packed,
            List<Sold<R>> sold,
            List<Taken<R>> taken,
            List<Promised<R>> promised) {
        Map<R, Integer> gone = new HashMap<>();
        Map<R, Integer> spoken = new HashMap<>();
        sold.forEach(one -> one.run().ifPresent(run -> gone.merge(run, one.packets(), Integer::sum)));
        taken.forEach(one -> one.run().ifPresent(run -> gone.merge(run, one.packets(), Integer::sum)));
        promised.forEach(one -> one.run().ifPresent(run -> spoken.merge(run, one.packets(), Integer::sum)));
        BigDecimal bulkSold = sum(
                sold.stream().filter(one -> one.run().isEmpty()).map(Sold::bulk).toList());
        BigDecimal bulkPromised = sum(promised.stream()
                .filter(one -> one.run().isEmpty())
                .map(Promised::bulk)
                .toList());
        BigDecimal bulk = clean.subtract(sum(packed.stream().map(Packed::taken).toList()))
                .subtract(bulkSold)
                .subtract(sum(taken.stream().map(Taken::mass).toList()));
        BigDecimal reserved = kept.min(bulk.max(BigDecimal.ZERO));
        Map<R, Run> runs = new HashMap<>();
        packed.forEach(one ->
                runs.put(one.run(), new Run(gone.getOrDefault(one.run(), 0), spoken.getOrDefault(one.run(), 0))));
        return new StockOfLot<>(
                bulk,
                reserved,
                bulkPromised,
                bulk.subtract(reserved).subtract(bulkPromised).max(BigDecimal.ZERO),
                sold.stream()
                        .filter(one -> one.run().isPresent())
                        .mapToInt(Sold::packets)
                        .sum(),
                bulkSold,
                sum(sold.stream().map(Sold::price).toList()),
                runs);
    }

    private static BigDecimal sum(List<BigDecimal> some) {
        return some.stream().reduce(BigDecimal.ZERO, BigDecimal::add);
    }
}
