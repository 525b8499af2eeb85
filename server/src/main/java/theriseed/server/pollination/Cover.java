package theriseed.server.pollination;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import theriseed.core.pollination.CoverVerdict;
import theriseed.core.season.SeasonDates;
import theriseed.server.base.Recorded;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamp;

/** A bag over a cluster or a cage over plants. */
@Entity
class Cover extends Recorded {
    private UUID plantingId;

    @Enumerated(EnumType.STRING)
    private CoverKind kind;

    private String tag;
    private LocalDate putOn;
    private boolean openFlowers;
    private LocalDate takenOff;
    private boolean fruitSet;
    private String note;

    protected Cover() {}

    Cover(UUID id, UUID plantingId, CoverFacts facts, Stamp stamp) {
        super(id, stamp);
        this.plantingId = plantingId;
        this.kind = facts.kind();
        change(facts);
    }

    /** Whether it is a bag or a cage stays: that is another thing, not another word for it. */
    final void change(CoverFacts facts) {
        if (kind == CoverKind.BAG && facts.openFlowers()) {
            throw new Refused("openFlowers", "open flowers in the bag", "cover.openFlowers");
        }
        this.tag = facts.tag().strip();
        this.putOn = facts.putOn();
        this.openFlowers = facts.openFlowers();
        this.note = facts.note();
    }

    void takeOff(LocalDate day, boolean set, LocalDate today) {
        SeasonDates.check("takenOff", day, putOn, today);
        this.takenOff = day;
        this.fruitSet = set;
    }

    UUID plantingId() {
        return plantingId;
    }

    CoverKind kind() {
        return kind;
    }

    LocalDate putOn() {
        return putOn;
    }

    LocalDate takenOff() {
        return takenOff;
    }

    CoverVerdict.Life life(List<CoverEventView> events) {
        List<CoverVerdict.Opening> openings = events.stream()
                .filter(event -> event.kind() == CoverEventKind.OPENED)
                .map(event -> new CoverVerdict.Opening(event.firstDay(), event.lastDay()))
                .toList();
        return new CoverVerdict.Life(putOn, openFlowers, openings, Optional.ofNullable(takenOff), fruitSet);
    }

    Map<String, Object> correctable() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("tag", tag);
        facts.put("putOn", putOn);
        facts.put("openFlowers", openFlowers);
        facts.put("note", note);
        facts.put("takenOff", takenOff);
        facts.put("fruitSet", fruitSet);
        return facts;
    }

    CoverView view(List<CoverEventView> events, CoverVerdict verdict) {
        return new CoverView(
                id(),
                version(),
                plantingId,
                kind,
                tag,
                putOn,
                openFlowers,
                takenOff,
                fruitSet,
                note,
                events,
                verdict,
                recordedBy());
    }
}
