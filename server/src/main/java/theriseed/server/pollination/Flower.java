package theriseed.server.pollination;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.hibernate.annotations.BatchSize;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** A flower pollinated by hand: its mother, its fathers, its tag, and whether it took. */
@Entity
class Flower extends Recorded {
    private UUID plantingId;
    private int mother;
    private String tag;
    private Instant pollinatedAt;
    private Boolean took;
    private LocalDate lookedOn;
    private String note;

    @ElementCollection(fetch = FetchType.LAZY)
    @CollectionTable(name = "flower_father", joinColumns = @JoinColumn(name = "flower_id"))
    @OrderColumn(name = "place")
    @BatchSize(size = 500)
    private List<Father> fathers = new ArrayList<>();

    protected Flower() {}

    Flower(UUID id, UUID plantingId, FlowerFacts facts, Stamp stamp) {
        super(id, stamp);
        this.plantingId = plantingId;
        change(facts);
    }

    final void change(FlowerFacts facts) {
        this.mother = facts.mother();
        this.tag = facts.tag().strip();
        this.pollinatedAt = facts.pollinatedAt();
        this.note = facts.note();
        fathers.clear();
        fathers.addAll(facts.fathers());
    }

    void looked(boolean took, LocalDate day) {
        this.took = took;
        this.lookedOn = day;
    }

    UUID plantingId() {
        return plantingId;
    }

    Boolean took() {
        return took;
    }

    Map<String, Object> correctable() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("mother", mother);
        facts.put("fathers", fathers.stream().map(Father::plant).toList());
        facts.put("tag", tag);
        facts.put("pollinatedAt", pollinatedAt);
        facts.put("took", took);
        facts.put("note", note);
        return facts;
    }

    FlowerView view() {
        return new FlowerView(
                id(),
                version(),
                plantingId,
                mother,
                List.copyOf(fathers),
                tag,
                pollinatedAt,
                took,
                lookedOn,
                note,
                recordedBy());
    }
}
