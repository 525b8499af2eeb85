package theriseed.server.stall;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.UUID;
import theriseed.server.base.Maybe;
import theriseed.server.words.Reader;

/**
 * A packing run as others see it.
 *
 * @param seeds a packet promises; absent for packets by weight
 * @param grams a packet promises; absent where it goes otherwise, and for those filled before it was kept
 * @param fill grams in each packet
 * @param metres of row a packet sows; absent where it was not asked for so
 * @param sowBy year it is packed for
 * @param left packets still here, {@code promised} of them to somebody, {@code free} to be sold
 * @param price a packet
 */
public record PackingRunView(
        UUID id,
        int version,
        UUID lotId,
        LocalDate packedOn,
        @Maybe Integer seeds,
        @Maybe BigDecimal grams,
        @Maybe Integer metres,
        int sowBy,
        BigDecimal fill,
        int packets,
        int left,
        int promised,
        int free,
        BigDecimal bulkAfter,
        BigDecimal price,
        int people,
        @Maybe Integer minutes,
        String recordedBy) {
    /** Grams a packet promises where it goes by weight, what it was filled with where no promise was kept; null otherwise. */
    public BigDecimal byWeight() {
        return seeds != null || metres != null ? null : grams != null ? grams : fill;
    }

    /** What a packet promises, in words: the row it sows, its seeds or its grams. */
    public static String packet(Integer seeds, BigDecimal grams, Integer metres, Reader reader) {
        if (metres != null) {
            return "sows " + reader.reach(metres);
        }
        return seeds != null ? seeds + " seeds" : reader.agreed(grams);
    }
}
