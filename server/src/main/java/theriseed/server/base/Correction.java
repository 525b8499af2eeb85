package theriseed.server.base;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;

/** One value that was replaced by another: what it was, what it became, why, by whom and when. */
@Entity
class Correction {
    @Id
    private UUID id;

    private String subject;
    private UUID subjectId;
    private String field;
    private String was;
    private String became;
    private String reason;
    private Instant recordedAt;
    private String recordedBy;

    protected Correction() {}

    Correction(String subject, UUID subjectId, String field, String was, String became, String reason, Stamp stamp) {
        this.id = Recorded.nextId();
        this.subject = subject;
        this.subjectId = subjectId;
        this.field = field;
        this.was = was;
        this.became = became;
        this.reason = reason;
        this.recordedAt = stamp.at();
        this.recordedBy = stamp.by();
    }

    CorrectionView view() {
        return new CorrectionView(subject, subjectId, field, was, became, reason, recordedAt, recordedBy);
    }
}
