package theriseed.server.pollination;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.LocalDate;
import java.util.Map;
import java.util.UUID;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** A bag was shaken, insects were brought into a cage, or a cover stood open for some days. */
@Entity
class CoverEvent extends Recorded {
    private UUID coverId;

    @Enumerated(EnumType.STRING)
    private CoverEventKind kind;

    private LocalDate firstDay;
    private LocalDate lastDay;
    private Integer insects;
    private boolean takenBack;

    protected CoverEvent() {}

    CoverEvent(
            UUID id,
            UUID coverId,
            CoverEventKind kind,
            LocalDate firstDay,
            LocalDate lastDay,
            Integer insects,
            Stamp stamp) {
        super(id, stamp);
        this.coverId = coverId;
        this.kind = kind;
        this.firstDay = firstDay;
        this.lastDay = lastDay;
        this.insects = insects;
    }

    UUID coverId() {
        return coverId;
    }

    /** What was written down did not happen. */
    void takeBack() {
        this.takenBack = true;
    }

    Map<String, Object> correctable() {
        return Map.of("event", takenBack ? "taken back" : view().words());
    }

    CoverEventView view() {
        return new CoverEventView(id(), version(), kind, firstDay, lastDay, insects, recordedBy());
    }
}
