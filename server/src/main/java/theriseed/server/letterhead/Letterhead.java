package theriseed.server.letterhead;

import jakarta.persistence.Entity;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import theriseed.core.measure.Range;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** What stands at the head and the foot of every invoice of the one farm. */
@Entity
class Letterhead extends Recorded {
    private static final Range LINES = Range.of(0, 300, "characters");
    private static final Range WORDS = Range.of(0, 60, "characters");
    private static final Range DAYS = Range.of(0, 365, "days");

    private String address;
    private String taxNumber;
    private String bank;
    private int paymentDays;
    private String taxes;
    private boolean within;
    private String closing;
    private UUID logo;

    protected Letterhead() {}

    Letterhead(LetterheadFacts facts, Stamp stamp) {
        super(stamp);
        change(facts);
    }

    final void change(LetterheadFacts facts) {
        LINES.check("address", facts.address().length());
        WORDS.check("taxNumber", facts.taxNumber().length());
        LINES.check("bank", facts.bank().length());
        DAYS.check("paymentDays", facts.paymentDays());
        LINES.check("closing", facts.closing().length());
        address = facts.address().strip();
        taxNumber = facts.taxNumber().strip();
        bank = facts.bank().strip();
        paymentDays = facts.paymentDays();
        taxes = Taxes.write(Taxes.read(facts.taxes()));
        LINES.check("taxes", taxes.length());
        within = facts.within();
        closing = facts.closing().strip();
        logo = facts.logo();
    }

    Map<String, Object> correctable() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("address", address);
        facts.put("taxNumber", taxNumber);
        facts.put("bank", bank);
        facts.put("paymentDays", paymentDays);
        facts.put("taxes", taxes);
        facts.put("within", within);
        facts.put("closing", closing);
        facts.put("logo", logo);
        return facts;
    }

    LetterheadView view() {
        return new LetterheadView(
                id(),
                version(),
                new LetterheadFacts(address, taxNumber, bank, paymentDays, taxes, within, closing, logo));
    }
}
