package theriseed.server.lot;

import jakarta.persistence.Entity;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import theriseed.core.bench.Moisture;
import theriseed.core.measure.Range;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** Seed of one lot poured into another. Mass in grams, moisture in percent. */
@Entity
class Pour extends Recorded {
    private UUID fromLotId;
    private UUID toLotId;
    private LocalDate pouredOn;
    private BigDecimal mass;
    private Double moisture;

    protected Pour() {}

    Pour(UUID fromLotId, UUID toLotId, LocalDate pouredOn, BigDecimal mass, Double moisture, Stamp stamp) {
        super(stamp);
        this.fromLotId = fromLotId;
        this.toLotId = toLotId;
        change(mass, pouredOn);
        this.moisture = moisture == null ? null : Moisture.PERCENT.check("moisture", moisture);
    }

    final void change(BigDecimal mass, LocalDate pouredOn) {
        this.mass = Range.above(0, 1e9, "g").check("mass", mass);
        this.pouredOn = pouredOn;
    }

    Map<String, Object> correctable() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("mass", mass);
        facts.put("pouredOn", pouredOn);
        return facts;
    }

    UUID fromLotId() {
        return fromLotId;
    }

    UUID toLotId() {
        return toLotId;
    }

    PourView view(String from, String to) {
        return new PourView(id(), version(), fromLotId, from, toLotId, to, pouredOn, mass, moisture, recordedBy());
    }
}
