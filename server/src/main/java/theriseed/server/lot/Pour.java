package theriseed.server.lot;

import jakarta.persistence.Entity;
import java.math.BigDecimal;
import java.time.LocalDate;
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
        this.pouredOn = pouredOn;
        this.mass = Range.above(0, 1e9, "g").check("mass", mass);
        this.moisture = moisture == null ? null : Moisture.PERCENT.check("moisture", moisture);
    }

    UUID fromLotId() {
        return fromLotId;
    }

    UUID toLotId() {
        return toLotId;
    }

    PourView view(String from, String to) {
        return new PourView(id(), fromLotId, from, toLotId, to, pouredOn, mass, moisture, recordedBy());
    }
}
