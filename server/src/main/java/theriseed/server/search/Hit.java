package theriseed.server.search;

import java.time.LocalDate;
import theriseed.server.base.Maybe;

/**
 * A record that was searched for.
 *
 * @param key by which its page is asked for: a number, a key or an id; of a bed its plot's, of a sale its lot's, of an invoice
 *     its order's
 * @param title what it is called
 * @param detail what tells it from others called alike; may be empty
 * @param on the day that tells it from others: an order's is when it is wanted
 */
public record Hit(
        Kind kind,
        String key,
        String title,
        String detail,
        @Maybe LocalDate on) {
    /** What a hit is, in the order in which they are shown. */
    public enum Kind {
        LOT,
        MIX,
        PLANTING,
        VARIETY,
        PLOT,
        BED,
        CUSTOMER,
        ORDER,
        INVOICE,
        SALE,
        CROP
    }

    public Hit(Kind kind, Object key, String title, String detail) {
        this(kind, key.toString(), title, detail, null);
    }
}
