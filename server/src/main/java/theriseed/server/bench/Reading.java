package theriseed.server.bench;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** What was read off while a step was under way: by eye, or from an instrument. */
@Entity
class Reading extends Recorded {
    private UUID stepId;
    private Instant takenAt;

    @Enumerated(EnumType.STRING)
    private Quantity quantity;

    @Column(name = "reading_value")
    private double value;

    private String source;

    protected Reading() {}

    Reading(UUID stepId, Instant takenAt, Quantity quantity, double value, String source, Stamp stamp) {
        super(stamp);
        this.stepId = stepId;
        this.takenAt = takenAt;
        this.quantity = quantity;
        this.source = source;
        change(value);
    }

    final void change(double value) {
        this.value = quantity.check(value);
    }

    UUID stepId() {
        return stepId;
    }

    Map<String, Object> correctable() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("value", value + " " + quantity.unit());
        return facts;
    }

    ReadingView view() {
        return new ReadingView(id(), version(), takenAt, quantity, value, source, recordedBy());
    }
}
