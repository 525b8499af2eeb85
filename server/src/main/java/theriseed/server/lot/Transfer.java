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

/** Seed of one lot transferred into another. Mass in grams, moisture as it was known then. */
@Entity
class Transfer extends Recorded {
    private UUID fromLotId;
    private UUID toLotId;
    private LocalDate transferredOn;
    private BigDecimal mass;
    private Double moisture;
    private Double moistureLow;
    private Double moistureHigh;

    @Enumerated(EnumType.STRING)
    private SeedMoisture.By moistureBy;

    protected Transfer() {}

    Transfer(
            UUID fromLotId,
            UUID toLotId,
            LocalDate transferredOn,
            BigDecimal mass,
            SeedMoisture moisture,
            Stamp stamp) {
        super(stamp);
        this.fromLotId = fromLotId;
        this.toLotId = toLotId;
        change(mass, transferredOn);
        if (moisture != null) {
            this.moisture = moisture.percent();
            this.moistureLow = moisture.low();
            this.moistureHigh = moisture.high();
            this.moistureBy = moisture.by();
        }
    }

    final void change(BigDecimal mass, LocalDate transferredOn) {
        this.mass = Range.above(0, 1e9, "g").check("mass", mass);
        this.transferredOn = transferredOn;
    }

    Map<String, Object> correctable() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("mass", mass);
        facts.put("transferredOn", transferredOn);
        return facts;
    }

    UUID fromLotId() {
        return fromLotId;
    }

    UUID toLotId() {
        return toLotId;
    }

    TransferView view(String from, String to) {
        SeedMoisture known =
                moisture == null ? null : new SeedMoisture(moisture, moistureLow, moistureHigh, moistureBy);
        return new TransferView(
                id(), version(), fromLotId, from, toLotId, to, transferredOn, mass, known, recordedBy());
    }
}
