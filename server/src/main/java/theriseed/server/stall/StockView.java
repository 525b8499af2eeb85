package theriseed.server.stall;

import java.math.BigDecimal;
import java.util.List;
import java.util.UUID;
import theriseed.server.base.NotFound;

/**
 * What is left of a lot, and where the rest went. Grams.
 *
 * @param bulk clean seed that is not packed
 * @param reserved of it kept for the farm's own sowing, and {@code promised} to somebody
 * @param free of it may be packed or sold
 * @param packets still here; {@code packetsFree} of them are promised to nobody
 * @param bulkSold by weight; {@code brought} what all sales together did
 * @param withdrawals what was taken for other than a sale
 */
public record StockView(
        BigDecimal bulk,
        BigDecimal reserved,
        BigDecimal promised,
        BigDecimal free,
        int packets,
        int packetsFree,
        int packetsSold,
        BigDecimal bulkSold,
        BigDecimal brought,
        List<PackingRunView> runs,
        List<WithdrawalView> withdrawals) {
    /** Whether anything is left. */
    public boolean any() {
        return bulk.signum() > 0 || packets > 0;
    }

    /** Whether anybody has some. */
    public boolean anySold() {
        return packetsSold > 0 || bulkSold.signum() > 0;
    }

    /** Grams in the packets that are still here. */
    public double inPackets() {
        return runs.stream()
                .mapToDouble(run -> run.left() * run.fill().doubleValue())
                .sum();
    }

    /** The run of the lot with this id. */
    public PackingRunView run(UUID id) {
        return runs.stream()
                .filter(run -> run.id().equals(id))
                .findFirst()
                .orElseThrow(NotFound.of("packing run of this lot"));
    }
}
