package theriseed.server.stall;

import java.math.BigDecimal;
import java.time.LocalDate;
import theriseed.server.base.Refused;

/**
 * What a customer brought back of a sale.
 *
 * @param packets or grams of {@code bulk}, as it was sold; the other is null
 * @param moneyBack paid back, in all
 * @param keep whether it goes back to the stock; else it is thrown away
 * @param note why it came back; needed where it is thrown away
 */
public record ReturnFacts(
        Integer packets, BigDecimal bulk, LocalDate returnedOn, BigDecimal moneyBack, boolean keep, String note) {
    public ReturnFacts {
        if ((packets == null) == (bulk == null)) {
            throw new Refused("packets", packets, "sale.sayHowMuch");
        }
        if (!keep && note.strip().length() < 3) {
            throw new Refused("note", note, "sale.whyThrown");
        }
    }
}
