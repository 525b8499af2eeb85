package theriseed.server.selection;

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
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.hibernate.annotations.BatchSize;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** One person's scores for one trait on one day, of plants in a planting or of the plots of a trial. */
@Entity
class ScoreVisit extends Recorded {
    private UUID traitId;
    private UUID ofId;
    private LocalDate scoredOn;

    @ElementCollection(fetch = FetchType.LAZY)
    @CollectionTable(name = "score_visit_mark", joinColumns = @JoinColumn(name = "visit_id"))
    @OrderColumn(name = "place")
    @BatchSize(size = 100)
    private List<Scored> marks = new ArrayList<>();

    protected ScoreVisit() {}

    ScoreVisit(UUID id, UUID ofId, UUID traitId, LocalDate scoredOn, List<Mark> marks, Stamp stamp) {
        super(id, stamp);
        this.ofId = ofId;
        this.traitId = traitId;
        this.scoredOn = scoredOn;
        change(marks);
    }

    final void change(List<Mark> scored) {
        marks.clear();
        scored.forEach(mark -> marks.add(new Scored(mark.subjectId(), mark.value())));
    }

    UUID traitId() {
        return traitId;
    }

    UUID ofId() {
        return ofId;
    }

    List<Mark> marks() {
        return marks.stream()
                .map(scored -> new Mark(scored.subjectId, scored.value))
                .toList();
    }

    Map<String, Object> correctable() {
        return Map.of("scores", marks().toString());
    }

    VisitView view() {
        return new VisitView(id(), version(), traitId, scoredOn, marks(), recordedBy());
    }

    /** A score of one plant or plot. */
    @Embeddable
    static class Scored {
        private UUID subjectId;

        @Column(name = "value")
        private double value;

        protected Scored() {}

        Scored(UUID subjectId, double value) {
            this.subjectId = subjectId;
            this.value = value;
        }
    }
}
