package theriseed.server.money;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import theriseed.core.measure.Range;
import theriseed.core.stall.Spent;
import theriseed.server.base.Stamp;

/** Money spent on something on one day. */
@Entity
class Outlay extends Borne {
    @Enumerated(EnumType.STRING)
    private OutlayKind kind;

    private LocalDate spentOn;
    private BigDecimal amount;
    private String what;

    protected Outlay() {}

    Outlay(Bears on, OutlayFacts facts, Stamp stamp) {
        super(on, stamp);
        change(facts);
    }

    final void change(OutlayFacts facts) {
        Range.of(2, 300, "characters").check("what", facts.what().strip().length());
        this.kind = facts.kind();
        this.spentOn = facts.spentOn();
        this.amount = Range.of(0, 1e6, "").check("amount", facts.amount());
        this.what = facts.what().strip();
    }

    Spent spent() {
        double money = amount.doubleValue();
        boolean seed = kind == OutlayKind.OWN_SEED;
        return new Spent(0, 0, seed ? 0 : money, seed ? money : 0, Map.of());
    }

    Map<String, Object> correctable() {
        Map<String, Object> values = new LinkedHashMap<>();
        values.put("kind", kind);
        values.put("spentOn", spentOn);
        values.put("amount", amount);
        values.put("what", what);
        return values;
    }

    OutlayView view() {
        return new OutlayView(id(), version(), plantingId(), lotId(), kind, spentOn, amount, what, recordedBy());
    }
}
