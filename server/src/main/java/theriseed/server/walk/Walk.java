package theriseed.server.walk;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
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
import theriseed.server.base.Refused;
import theriseed.server.base.Stamp;
import theriseed.server.photo.PhotoView;

/** One walk through a planting: how many were looked at, what was off, and what became of it. */
@Entity
class Walk extends Recorded {
    private UUID plantingId;
    private String stage;
    private LocalDate walkedOn;
    private int lookedAt;

    @Convert(converter = RowNumbersConverter.class)
    @Column(name = "rows_walked")
    private List<Integer> rows = List.of();

    private Integer rowsInAll;
    private boolean others;
    private int sick;
    private int stressed;
    private int bolted;
    private LocalDate sheddingSince;
    private boolean notFlowered;
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
        Range.of(1, 1_000_000, "plants").check("lookedAt", facts.lookedAt());
        Range upToAll = Range.of(0, facts.lookedAt(), "plants");
        upToAll.check("sick", facts.sick());
        upToAll.check("stressed", facts.stressed());
        upToAll.check("bolted", facts.bolted());
        for (WalkFacts.OffType kind : facts.offTypes()) {
            Range.of(1, facts.lookedAt(), "plants").check("offTypes", kind.plants());
            if (kind.fate() == Fate.LEFT && kind.reason().isBlank()) {
                throw new Refused("offTypes", kind.kind() + " left standing", "walk.leftStanding", "kind", kind.kind());
            }
        }
        upToAll.check("offTypes", facts.offTypesInAll());
        checkRows(facts);
        if (facts.notFlowered() && facts.sheddingSince() != null) {
            throw new Refused("notFlowered", true, "walk.shedOrNot");
        }
        this.stage = facts.stage().strip();
        this.walkedOn = facts.walkedOn();
        this.lookedAt = facts.lookedAt();
        this.rows = facts.rows();
        this.rowsInAll = facts.rowsInAll();
        this.others = facts.others();
        this.sick = facts.sick();
        this.stressed = facts.stressed();
        this.bolted = facts.bolted();
        this.sheddingSince = facts.sheddingSince();
        this.notFlowered = facts.notFlowered();
        this.note = facts.note();
        offTypes.clear();
        facts.offTypes().forEach(kind -> offTypes.add(new OffType(kind)));
    }

    private static void checkRows(WalkFacts facts) {
        if (facts.rowsInAll() != null) {
            Range.of(1, 400, "rows").check("rowsInAll", facts.rowsInAll());
            facts.rows().forEach(row -> Range.of(1, facts.rowsInAll(), "row").check("rows", row));
        } else if (!facts.rows().isEmpty()) {
            throw new Refused("rowsInAll", "nothing", "walk.rowsInAll");
        }
    }

    UUID plantingId() {
        return plantingId;
    }

    WalkFacts facts() {
        return new WalkFacts(
                stage,
                walkedOn,
                lookedAt,
                rows,
                rowsInAll,
                others,
                offTypes.stream().map(OffType::facts).toList(),
                sick,
                stressed,
                bolted,
                sheddingSince,
                notFlowered,
                note);
    }

    Map<String, Object> correctable() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("stage", stage);
        facts.put("walkedOn", walkedOn);
        facts.put("lookedAt", lookedAt);
        facts.put("rows", rows);
        facts.put("others", others);
        facts.put("offTypes", facts().offTypes().toString());
        facts.put("sick", sick);
        facts.put("stressed", stressed);
        facts.put("bolted", bolted);
        facts.put("sheddingSince", sheddingSince);
        facts.put("notFlowered", notFlowered);
        facts.put("note", note);
        return facts;
    }

    WalkView view(List<PhotoView> photos) {
        WalkFacts facts = facts();
        return new WalkView(
                id(),
                version(),
                stage,
                walkedOn,
                lookedAt,
                rows,
                rowsInAll,
                others,
                facts.offTypes(),
                facts.offTypesInAll(),
                facts.pulled(),
                sick,
                stressed,
                bolted,
                sheddingSince,
                notFlowered,
                note,
                photos,
                recordedBy());
    }

    /** Plants of one kind that were not true. */
    @Embeddable
    static class OffType {
        private String kind;

        @Column(name = "plants")
        private int plants;

        @Enumerated(EnumType.STRING)
        private Fate fate;

        private String reason;

        protected OffType() {}

        OffType(WalkFacts.OffType facts) {
            this.kind = facts.kind().strip();
            this.plants = facts.plants();
            this.fate = facts.fate();
            this.reason = facts.reason().strip();
        }

        WalkFacts.OffType facts() {
            return new WalkFacts.OffType(kind, plants, fate, reason);
        }
    }
}
