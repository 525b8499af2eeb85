package theriseed.server.walk;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.hibernate.annotations.BatchSize;
import theriseed.core.measure.Range;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** One walk through a planting: how many were looked at, and what was off. */
@Entity
class Walk extends Recorded {
    private UUID plantingId;
    private String stage;
    private LocalDate walkedOn;
    private int lookedAt;
    private int sick;
    private String note;

    @ElementCollection(fetch = FetchType.LAZY)
    @CollectionTable(name = "walk_off_type", joinColumns = @JoinColumn(name = "walk_id"))
    @OrderColumn(name = "place")
    @BatchSize(size = 200)
    private List<OffType> offTypes = new ArrayList<>();

    protected Walk() {}

    Walk(UUID id, UUID plantingId, WalkFacts facts, Stamp stamp) {
        super(id, stamp);
        this.plantingId = plantingId;
        change(facts);
    }

    final void change(WalkFacts facts) {
        this.stage = facts.stage().strip();
        this.walkedOn = facts.walkedOn();
        this.lookedAt = Range.of(1, 1_000_000, "plants").check("lookedAt", facts.lookedAt());
        this.sick = Range.of(0, lookedAt, "plants").check("sick", facts.sick());
        this.note = facts.note();
        for (WalkFacts.OffType kind : facts.offTypes()) {
            Range.of(1, lookedAt, "plants").check("offTypes", kind.plants());
        }
        Range.of(0, lookedAt, "plants").check("offTypes", facts.offTypesInAll());
        offTypes.clear();
        facts.offTypes().forEach(kind -> offTypes.add(new OffType(kind.kind(), kind.plants())));
    }

    UUID plantingId() {
        return plantingId;
    }

    WalkFacts facts() {
        return new WalkFacts(
                stage,
                walkedOn,
                lookedAt,
                offTypes.stream()
                        .map(kind -> new WalkFacts.OffType(kind.kind, kind.plants))
                        .toList(),
                sick,
                note);
    }

    Map<String, Object> correctable() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("stage", stage);
        facts.put("walkedOn", walkedOn);
        facts.put("lookedAt", lookedAt);
        facts.put("offTypes", facts().offTypes().toString());
        facts.put("sick", sick);
        facts.put("note", note);
        return facts;
    }

    WalkView view() {
        WalkFacts facts = facts();
        return new WalkView(
                id(),
                version(),
                stage,
                walkedOn,
                lookedAt,
                facts.offTypes(),
                facts.offTypesInAll(),
                sick,
                note,
                recordedBy());
    }

    /** Plants of one kind that were not true. */
    @Embeddable
    static class OffType {
        private String kind;

        @Column(name = "plants")
        private int plants;

        protected OffType() {}

        OffType(String kind, int plants) {
            this.kind = kind;
            this.plants = plants;
        }
    }
}
