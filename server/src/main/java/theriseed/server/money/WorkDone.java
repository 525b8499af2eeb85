package theriseed.server.money;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import theriseed.core.measure.Range;
import theriseed.core.stall.Work;
import theriseed.server.base.Stamp;

/** Hours of some people on one day. */
@Entity
class WorkDone extends Borne {
    private static final int A_LONG_DAY = 16 * 60;

    @Enumerated(EnumType.STRING)
    private Work kind;

    private LocalDate doneOn;
    private int people;
    private int minutes;
    private String note;

    protected WorkDone() {}

    WorkDone(Bears on, WorkDoneFacts facts, Stamp stamp) {
        super(on, stamp);
        change(facts);
    }

    final void change(WorkDoneFacts facts) {
        this.kind = facts.kind();
        this.doneOn = facts.doneOn();
        this.people = Range.of(1, 50, "people").check("people", facts.people());
        this.minutes = Range.of(0, A_LONG_DAY, "minutes a day").check("minutes", facts.minutes());
        this.note = facts.note().strip();
    }

    Work kind() {
        return kind;
    }

    double hours() {
        return people * minutes / 60.0;
    }

    Map<String, Object> correctable() {
        Map<String, Object> values = new LinkedHashMap<>();
        values.put("kind", kind);
        values.put("doneOn", doneOn);
        values.put("people", people);
        values.put("minutes", minutes);
        values.put("note", note);
        return values;
    }

    WorkDoneView view() {
        return new WorkDoneView(
                id(), version(), plantingId(), lotId(), kind, doneOn, people, minutes, note, recordedBy());
    }
}
