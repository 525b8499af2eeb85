package theriseed.server.money;

import jakarta.persistence.Entity;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import theriseed.core.measure.Range;
import theriseed.core.stall.Spent;
import theriseed.server.base.Stamp;

/** Something sold on one day that came of seed plants besides their seed: flesh, sauce, straw, cut flowers. */
@Entity
class ByProductSale extends Borne {
    private LocalDate soldOn;
    private BigDecimal amount;
    private String what;

    protected ByProductSale() {}

    ByProductSale(Bears on, ByProductFacts facts, Stamp stamp) {
        super(on, stamp);
        change(facts);
    }

    final void change(ByProductFacts facts) {
        Range.of(2, 300, "characters").check("what", facts.what().strip().length());
        this.soldOn = facts.soldOn();
        this.amount = Range.of(0, 1e6, "").check("amount", facts.amount());
        this.what = facts.what().strip();
    }

    Spent brought() {
        return Spent.sold(amount.doubleValue());
    }

    Map<String, Object> correctable() {
        Map<String, Object> values = new LinkedHashMap<>();
        values.put("soldOn", soldOn);
        values.put("amount", amount);
        values.put("what", what);
        return values;
    }

    ByProductSaleView view() {
        return new ByProductSaleView(id(), version(), plantingId(), lotId(), soldOn, amount, what, recordedBy());
    }
}
