package theriseed.server.ripening;

import jakarta.persistence.Entity;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import theriseed.core.harvest.RipeningWatch;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** So many of the heads, pods or fruits looked at were ripe. */
@Entity
class RipeningVisit extends Recorded {
    private UUID plantingId;
    private LocalDate visitedOn;
    private int ripe;
    private int lookedAt;
    private String note;

    protected RipeningVisit() {}

    RipeningVisit(UUID id, UUID plantingId, VisitFacts facts, Stamp stamp) {
        super(id, stamp);
        this.plantingId = plantingId;
        change(facts);
    }

    final void change(VisitFacts facts) {
        RipeningWatch.Visit visit = new RipeningWatch.Visit(facts.visitedOn(), facts.ripe(), facts.lookedAt());
        this.visitedOn = visit.on();
        this.ripe = visit.ripe();
        this.lookedAt = visit.lookedAt();
        this.note = facts.note().strip();
    }

    UUID plantingId() {
        return plantingId;
    }

    RipeningWatch.Visit visit() {
        return new RipeningWatch.Visit(visitedOn, ripe, lookedAt);
    }

    Map<String, Object> correctable() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("visitedOn", visitedOn);
        facts.put("ripe", ripe);
        facts.put("lookedAt", lookedAt);
        facts.put("note", note);
        return facts;
    }

    RipeningVisitView view() {
        return new RipeningVisitView(id(), version(), visitedOn, ripe, lookedAt, note, recordedBy());
    }
}
