package theriseed.server.letterhead;

import java.util.UUID;
import theriseed.server.base.Maybe;

/**
 * What stands at the head and the foot of every invoice.
 *
 * @param address of the farm, and {@code taxNumber} as its law asks; either may be empty
 * @param bank account to pay to, in lines
 * @param paymentDays from the invoice until it is due
 * @param taxes a line each, what it is called and its percent; none for a farm that adds none
 * @param within whether its prices hold those taxes already
 * @param closing what its law asks to be said, as why there is no tax
 * @param logo id of the picture above the address
 */
public record LetterheadFacts(
        String address,
        String taxNumber,
        String bank,
        int paymentDays,
        String taxes,
        boolean within,
        String closing,
        @Maybe UUID logo) {
    /** Of a farm that has not said: a month to pay, no taxes. */
    static final LetterheadFacts NONE = new LetterheadFacts("", "", "", 30, "", false, "", null);
}
