package theriseed.server.stall;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;

/** What a customer pays. */
public final class Terms {
    /** The price on the packet. */
    static final Terms ON_PACKET = new Terms(100, List.of());

    private final double share;
    private final List<ListPrice> prices;

    /** @param share percent of the price on the packet, for what has no price of its own */
    Terms(double share, List<ListPrice> prices) {
        this.share = share;
        this.prices = prices;
    }

    /**
     * A packet of a variety: what the list says of packets of so many seeds, else of any packet, else its share.
     *
     * @param seeds in it; null for any packet
     * @param onPacket its price; null where no such packet was filled yet
     */
    public Optional<BigDecimal> packet(UUID variety, Integer seeds, BigDecimal onPacket) {
        return Stream.of(own(variety, seeds, false), own(variety, null, false), share(onPacket))
                .flatMap(Optional::stream)
                .findFirst();
    }

    /** A packet of a run. */
    public BigDecimal packet(UUID variety, PackingRunView run) {
        return packet(variety, run.metres() == null ? run.seeds() : null, run.price())
                .orElseThrow();
    }

    /** A hundred grams of a variety, where the list says it. */
    public Optional<BigDecimal> bulk(UUID variety) {
        return own(variety, null, true);
    }

    private Optional<BigDecimal> own(UUID variety, Integer seeds, boolean bulk) {
        return prices.stream()
                .filter(one -> one.is(variety, seeds, bulk))
                .map(ListPrice::price)
                .findFirst();
    }

    private Optional<BigDecimal> share(BigDecimal onPacket) {
        return Optional.ofNullable(onPacket)
                .map(price -> price.multiply(BigDecimal.valueOf(share))
                        .movePointLeft(2)
                        .setScale(2, RoundingMode.HALF_UP));
    }
}
