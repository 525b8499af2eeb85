package theriseed.server.season;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** Somebody looked whether a planting blooms. */
@Entity
class BloomLook extends Recorded {
    /** What was seen. */
    public enum Seen {
        NOT_YET,
        IN_BLOOM,
        OVER
    }

    private UUID plantingId;
    private LocalDate seenOn;

    @Enumerated(EnumType.STRING)
    private Seen seen;

    private String note;

    protected BloomLook() {}

    BloomLook(UUID id, UUID plantingId, Facts facts, Stamp stamp) {
        super(id, stamp);
        this.plantingId = plantingId;
        change(facts);
    }

    /** What was seen on which day. */
    record Facts(LocalDate seenOn, Seen seen, String note) {}

    final void change(Facts facts) {
        this.seenOn = facts.seenOn();
        this.seen = facts.seen();
        this.note = facts.note().strip();
    }

    UUID plantingId() {
        return plantingId;
    }

    Facts facts() {
        return new Facts(seenOn, seen, note);
    }

    Map<String, Object> correctable() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("seenOn", seenOn);
        facts.put("seen", seen);
        facts.put("note", note);
        return facts;
    }

    BloomLookView view() {
        return new BloomLookView(id(), version(), seenOn, seen, note, recordedBy());
    }
}
