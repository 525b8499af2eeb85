package theriseed.server.family;

import jakarta.persistence.Entity;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import theriseed.server.base.Recorded;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamp;

/** Somebody who has seed was told that a lot of it is called back. */
@Entity
class Told extends Recorded {
    private UUID lotId;
    private UUID customerId;
    private LocalDate toldOn;
    private String how;
    private boolean undone;

    protected Told() {}

    Told(UUID lotId, UUID customerId, LocalDate toldOn, String how, Stamp stamp) {
        super(stamp);
        this.lotId = lotId;
        this.customerId = customerId;
        change(toldOn, how);
    }

    final void change(LocalDate on, String by) {
        if (by.isBlank()) {
            throw Refused.missing("how");
        }
        this.toldOn = on;
        this.how = by.strip();
    }

    /** Nobody was told after all. */
    void undo() {
        this.undone = true;
    }

    UUID lotId() {
        return lotId;
    }

    UUID customerId() {
        return customerId;
    }

    Map<String, Object> correctable() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("toldOn", toldOn);
        facts.put("how", how);
        facts.put("undone", undone);
        return facts;
    }

    ToldView view() {
        return new ToldView(id(), version(), toldOn, how, recordedBy());
    }
}
