package theriseed.server.catalogue;

import java.math.BigDecimal;
import java.time.LocalDate;

/**
 * Packets of one run, or the bulk of one lot, that anybody may buy today.
 *
 * @param looks what a true plant of it is like, in words; empty where nobody wrote it
 * @param seeds, {@code grams} or {@code metres} what a packet promises; all null for bulk
 * @param price of a packet, or of a hundred grams
 * @param packets that are there; 0 for bulk
 * @param bulk grams that are there; null for packets
 * @param germination percent as reported and {@code testedOn}; null where no test counts
 * @param generation how often its seed was grown here, in words
 * @param treated whether it was, or was grown from seed that was
 */
record Offer(
        String crop,
        String species,
        String variety,
        String looks,
        String lot,
        int season,
        Integer seeds,
        BigDecimal grams,
        Integer metres,
        BigDecimal price,
        int packets,
        BigDecimal bulk,
        Integer sowBy,
        Integer germination,
        LocalDate testedOn,
        String generation,
        boolean treated) {
    /** What one pays for: two of the same cost the same, whatever lot they are of. */
    record Priced(String crop, String variety, Integer seeds, BigDecimal grams, Integer metres, BigDecimal price) {}

    Priced priced() {
        return new Priced(crop, variety, seeds, plain(grams), metres, price);
    }

    boolean byWeight() {
        return bulk != null;
    }

    private static BigDecimal plain(BigDecimal amount) {
        return amount == null ? null : amount.stripTrailingZeros();
    }
}
