package theriseed.server.order;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import theriseed.server.base.Maybe;
import theriseed.server.stall.CustomerView;
import theriseed.server.stall.SaleKind;
import theriseed.server.words.Reader;

/**
 * An order as it stands.
 *
 * @param deliveries that went, by number
 * @param total price of all that was asked for, and {@code delivered} of what went
 */
public record OrderView(
        UUID id,
        int version,
        String number,
        CustomerView customer,
        SaleKind kind,
        LocalDate orderedOn,
        LocalDate wantedOn,
        String note,
        State state,
        @Maybe LocalDate doneOn,
        @Maybe LocalDate cancelledOn,
        @Maybe String cancelledBecause,
        List<OrderedLine> lines,
        List<Delivery> deliveries,
        BigDecimal total,
        BigDecimal delivered) {

    /** Whether anything of it is still to be delivered. */
    public boolean waits() {
        return state == State.READY || state == State.SHORT;
    }

    /** How far it is. */
    public enum State {
        /** Everything that is not delivered is promised out of lots that may be sold then. */
        READY,
        /** There is not enough for all of it. */
        SHORT,
        DONE,
        CANCELLED
    }

    /** What left together. */
    public record Delivery(int number, LocalDate on) {}

    /**
     * A line of it: packets, or grams of bulk.
     *
     * @param seeds in a packet; absent for any, and for bulk
     * @param price a packet, or a hundred grams
     * @param wanted packets or grams in all; {@code promised} and {@code delivered} of them, {@code missing} the rest
     */
    public record OrderedLine(
            UUID id,
            UUID varietyId,
            String variety,
            String crop,
            @Maybe Integer seeds,
            boolean bulk,
            BigDecimal price,
            BigDecimal wanted,
            BigDecimal promised,
            BigDecimal delivered,
            BigDecimal missing,
            List<PromisedOut> out) {
        /** What so many packets or grams of it cost. */
        public BigDecimal price(BigDecimal much) {
            return price.multiply(much).movePointLeft(bulk ? 2 : 0);
        }

        /** Packets or grams that went with these deliveries. */
        public BigDecimal gone(int first, int last) {
            return out.stream()
                    .filter(one -> one.wentWithin(first, last))
                    .map(PromisedOut::much)
                    .reduce(BigDecimal.ZERO, BigDecimal::add);
        }

        /** So much of it, in words. */
        public String much(Reader reader, BigDecimal much) {
            return bulk
                    ? reader.agreed(much)
                    : reader.number(much.doubleValue(), 0)
                            + (much.compareTo(BigDecimal.ONE) == 0 ? " packet" : " packets")
                            + (seeds == null ? "" : " of " + seeds);
        }
    }

    /**
     * Where it comes from.
     *
     * @param much packets or grams
     * @param shelves on which the lot stands
     * @param delivery it went with, and {@code deliveredOn}; absent while it is only promised
     */
    public record PromisedOut(
            UUID id,
            String number,
            int season,
            BigDecimal much,
            List<String> shelves,
            @Maybe Integer delivery,
            @Maybe LocalDate deliveredOn) {
        /** Whether it went with one of these deliveries. */
        public boolean wentWithin(int first, int last) {
            return delivery != null && first <= delivery && delivery <= last;
        }
    }
}
