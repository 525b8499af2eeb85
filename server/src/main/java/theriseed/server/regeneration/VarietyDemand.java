package theriseed.server.regeneration;

import jakarta.persistence.Entity;
import java.math.BigDecimal;
import java.util.Map;
import java.util.UUID;
import theriseed.core.measure.Range;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** What the farm expects to need of a variety in a year, grams. */
@Entity
class VarietyDemand extends Recorded {
    private UUID varietyId;
    private BigDecimal grams;
    private String note;

    protected VarietyDemand() {}

    VarietyDemand(UUID varietyId, BigDecimal grams, String note, Stamp stamp) {
        super(stamp);
        this.varietyId = varietyId;
        change(grams, note);
    }

    final void change(BigDecimal grams, String note) {
        this.grams = Range.of(0, 1e8, "g a year").check("grams", grams);
        this.note = note.strip();
    }

    UUID varietyId() {
        return varietyId;
    }

    BigDecimal grams() {
        return grams;
    }

    Map<String, Object> correctable() {
        return Map.of("grams", grams, "note", note);
    }
}
