package theriseed.server.gate;

import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.Instant;
import java.util.UUID;
import theriseed.core.lot.Finding;
import theriseed.core.lot.SaleGate;
import theriseed.server.base.Recorded;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamp;

/** A grower's word that a lot may be sold although something stands against it. Never deleted. */
@Entity
class Overruling extends Recorded {
    private UUID lotId;

    @Enumerated(EnumType.STRING)
    private SaleGate.Reason reason;

    @Convert(converter = FindingConverter.class)
    private Finding finding;

    private String why;
    private Instant withdrawnAt;
    private String withdrawnBy;
    private String withdrawnWhy;

    protected Overruling() {}

    Overruling(UUID lotId, Finding finding, String why, Stamp stamp) {
        super(stamp);
        this.lotId = lotId;
        this.reason = finding.reason();
        this.finding = finding;
        this.why = why.strip();
    }

    UUID lotId() {
        return lotId;
    }

    void withdraw(String because, Stamp stamp) {
        if (withdrawnAt != null) {
            throw new Refused("why", because, "gate.withdrawn");
        }
        withdrawnAt = stamp.at();
        withdrawnBy = stamp.by();
        withdrawnWhy = because.strip();
    }

    /** It counts for what was known: when something else is found, it is a new question. */
    boolean counts(Finding found) {
        return withdrawnAt == null && finding.covers(found);
    }

    OverrulingView view() {
        return new OverrulingView(
                id(), lotId, finding, why, recordedAt(), recordedBy(), withdrawnAt, withdrawnBy, withdrawnWhy);
    }
}
