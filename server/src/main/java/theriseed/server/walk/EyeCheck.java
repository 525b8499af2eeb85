package theriseed.server.walk;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import theriseed.server.base.Recorded;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamp;

/** A check of how well somebody recognised off-types. */
@Entity
class EyeCheck extends Recorded {
    private LocalDate checkedOn;

    @Enumerated(EnumType.STRING)
    private EyeCheckFacts.How how;

    private String kind;
    private String walker;
    private String other;
    private int first;
    private int second;

    @Column(name = "both_found")
    private int both;

    private String note;

    protected EyeCheck() {}

    EyeCheck(UUID id, EyeCheckFacts facts, Stamp stamp) {
        super(id, stamp);
        change(facts);
    }

    final void change(EyeCheckFacts facts) {
        facts.check();
        boolean alone = facts.how() == EyeCheckFacts.How.AGAIN;
        if (!alone && facts.other().isBlank()) {
            throw Refused.missing("other");
        }
        if (!alone && facts.other().strip().equalsIgnoreCase(facts.walker().strip())) {
            throw new Refused("other", facts.other(), "walk.ownEyes");
        }
        this.checkedOn = facts.checkedOn();
        this.how = facts.how();
        this.kind = facts.kind().strip();
        this.walker = facts.walker().strip();
        this.other = alone ? "" : facts.other().strip();
        this.first = facts.first();
        this.second = facts.second();
        this.both = facts.both();
        this.note = facts.note().strip();
    }

    EyeCheckFacts facts() {
        return new EyeCheckFacts(checkedOn, how, kind, walker, other, first, second, both, note);
    }

    Map<String, Object> correctable() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("checkedOn", checkedOn);
        facts.put("how", how);
        facts.put("kind", kind);
        facts.put("walker", walker);
        facts.put("other", other);
        facts.put("first", first);
        facts.put("second", second);
        facts.put("both", both);
        facts.put("note", note);
        return facts;
    }
}
