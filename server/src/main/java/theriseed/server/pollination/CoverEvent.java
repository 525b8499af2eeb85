package theriseed.server.pollination;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.LocalDate;
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

    CoverEventView view() {
        return new CoverEventView(id(), kind, firstDay, lastDay, insects, recordedBy());
    }
}
