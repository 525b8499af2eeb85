package theriseed.server.money;

import jakarta.persistence.Entity;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import theriseed.core.measure.Range;
import theriseed.core.stall.Spent;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;
import theriseed.server.lot.LotView;

/** Something sold on one day that came of seed plants besides their seed: flesh, sauce, straw, cut flowers. */
@Entity
class ByProductSale extends Recorded {
    private UUID plantingId;
    private UUID lotId;
    private LocalDate soldOn;
    private BigDecimal amount;
    private String what;

    protected ByProductSale() {}

    ByProductSale(Bears on, ByProductFacts facts, Stamp stamp) {
        super(stamp);
        this.plantingId = on.plantingId();
        this.lotId = on.lotId();
        change(facts);
    }

    final void change(ByProductFacts facts) {
        Range.of(2, 300, "characters").check("what", facts.what().strip().length());
        this.soldOn = facts.soldOn();
        this.amount = Range.of(0, 1e6, "").check("amount", facts.amount());
        this.what = facts.what().strip();
    }

    /** Id of the planting or the lot. */
    UUID on() {
        return plantingId == null ? lotId : plantingId;
    }

    boolean concerns(LotView lot) {
        return lot.id().equals(lotId)
                || lot.plantingId() != null && lot.plantingId().equals(plantingId);
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
        return new ByProductSaleView(id(), version(), plantingId, lotId, soldOn, amount, what, recordedBy());
    }
}
