package theriseed.server.lot;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import theriseed.core.drying.SeedMoisture;
import theriseed.core.measure.Range;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** Seed of one lot poured into another. Mass in grams, moisture as it was known then. */
@Entity
class Pour extends Recorded {
    private UUID fromLotId;
    private UUID toLotId;
    private LocalDate pouredOn;
    private BigDecimal mass;
    private Double moisture;
    private Double moistureLow;
    private Double moistureHigh;

    @Enumerated(EnumType.STRING)
    private SeedMoisture.By moistureBy;

    protected Pour() {}

    Pour(UUID fromLotId, UUID toLotId, LocalDate pouredOn, BigDecimal mass, SeedMoisture moisture, Stamp stamp) {
        super(stamp);
        this.fromLotId = fromLotId;
        this.toLotId = toLotId;
        change(mass, pouredOn);
        if (moisture != null) {
            this.moisture = moisture.percent();
            this.moistureLow = moisture.low();
            this.moistureHigh = moisture.high();
            this.moistureBy = moisture.by();
        }
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
        SeedMoisture known =
                moisture == null ? null : new SeedMoisture(moisture, moistureLow, moistureHigh, moistureBy);
        return new PourView(id(), version(), fromLotId, from, toLotId, to, pouredOn, mass, known, recordedBy());
    }
}
