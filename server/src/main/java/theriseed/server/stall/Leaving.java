package theriseed.server.stall;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.function.Supplier;
import theriseed.core.measure.Range;
import theriseed.server.base.Refused;

/**
 * How seed leaves the farm.
 *
 * @param price in all, in the farm's currency; none for gifts and swaps, null for what the customer's terms say
 * @param note what came back for a swap, or anything else
 * @param delivery of its order; null where it was not ordered
 */
public record Leaving(SaleKind kind, LocalDate on, BigDecimal price, String note, Integer delivery) {
    private static final double DEAREST = 1e6;

    public Leaving {
        if (kind != SaleKind.SALE && price == null) {
            price = BigDecimal.ZERO;
        }
        if (price != null) {
            Range.of(0, DEAREST, "").check("price", price);
        }
        if (kind != SaleKind.SALE && price.signum() != 0) {
            throw new Refused("price", price, "sale.noPrice");
        }
        if (kind == SaleKind.SWAP && note.strip().length() < 3) {
            throw new Refused("note", note, "sale.swap");
        }
    }

    /** The same for what the terms say, where nothing else was agreed. */
    Leaving at(Supplier<BigDecimal> terms) {
        return price != null ? this : new Leaving(kind, on, terms.get(), note, delivery);
    }

    /** Given over the counter. */
    public static Leaving given(LocalDate on) {
        return new Leaving(SaleKind.GIFT, on, BigDecimal.ZERO, "", null);
    }

    /** Sold over the counter. */
    public static Leaving sold(LocalDate on, BigDecimal price) {
        return new Leaving(SaleKind.SALE, on, price, "", null);
    }
}
