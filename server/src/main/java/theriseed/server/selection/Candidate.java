package theriseed.server.selection;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.LocalDate;
import java.util.UUID;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** A plant or fruit marked as one of the best; its tag keeps it out of the kitchen. */
@Entity
class Candidate extends Recorded {
    private UUID plantingId;
    private UUID fromRowId;

    @Enumerated(EnumType.STRING)
    private CandidateKind kind;

    private String tag;
    private LocalDate markedOn;
    private Boolean chosen;
    private String note;

    protected Candidate() {}

    Candidate(UUID id, UUID plantingId, CandidateFacts facts, Stamp stamp) {
        super(id, stamp);
        this.plantingId = plantingId;
        this.fromRowId = facts.fromRowId();
        this.kind = facts.kind();
        this.tag = facts.tag().strip();
        this.markedOn = facts.markedOn();
        this.note = facts.note().strip();
    }

    void choose(boolean chosen) {
        this.chosen = chosen;
    }

    UUID plantingId() {
        return plantingId;
    }

    UUID fromRowId() {
        return fromRowId;
    }

    String tag() {
        return tag;
    }

    Boolean chosen() {
        return chosen;
    }

    CandidateKind kind() {
        return kind;
    }

    LocalDate markedOn() {
        return markedOn;
    }

    String note() {
        return note;
    }
}
