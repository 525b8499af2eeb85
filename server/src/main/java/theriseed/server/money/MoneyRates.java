package theriseed.server.money;

import jakarta.persistence.Entity;
import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.Map;
import theriseed.core.measure.Range;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** What the farm calculates its costs with. */
@Entity
class MoneyRates extends Recorded {
    private BigDecimal wage;
    private BigDecimal ground;
    private BigDecimal packet;
    private double fees;
    private double unsold;
    private double margin;

    protected MoneyRates() {}

    MoneyRates(MoneyRatesFacts facts, Stamp stamp) {
        super(stamp);
        change(facts);
    }

    final void change(MoneyRatesFacts facts) {
        this.wage = Range.of(0, 1000, "an hour").check("wage", facts.wage());
        this.ground = Range.of(0, 1000, "a square metre and year").check("ground", facts.ground());
        this.packet = Range.of(0, 100, "a packet").check("packet", facts.packet());
        this.fees = Range.below(0, 100, "%").check("fees", facts.fees());
        this.unsold = Range.below(0, 100, "%").check("unsold", facts.unsold());
        this.margin =
                Range.below(0, 100 - facts.fees(), "%").because("FEES_LEAVE").check("margin", facts.margin());
    }

    Map<String, Object> correctable() {
        Map<String, Object> values = new LinkedHashMap<>();
        values.put("wage", wage);
        values.put("ground", ground);
        values.put("packet", packet);
        values.put("fees", fees);
        values.put("unsold", unsold);
        values.put("margin", margin);
        return values;
    }

    MoneyRatesView view() {
        return new MoneyRatesView(version(), wage, ground, packet, fees, unsold, margin);
    }
}
