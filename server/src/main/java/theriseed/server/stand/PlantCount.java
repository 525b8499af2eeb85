package theriseed.server.stand;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import theriseed.core.measure.Range;
import theriseed.core.population.StandLife;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** Plants, roots or pieces of a planting, counted at some point of its life. */
@Entity
class PlantCount extends Recorded {
    private UUID plantingId;

    @Enumerated(EnumType.STRING)
    private StandLife.Point point;

    private int plants;
    private LocalDate countedOn;
    private String note;

    protected PlantCount() {}

    PlantCount(UUID id, UUID plantingId, CountFacts facts, Stamp stamp) {
        super(id, stamp);
        this.plantingId = plantingId;
        change(facts);
    }

    final void change(CountFacts facts) {
        this.point = facts.point();
        this.plants = Range.of(0, 1_000_000, "plants").check("plants", facts.plants());
        this.countedOn = facts.countedOn();
        this.note = facts.note().strip();
    }

    UUID plantingId() {
        return plantingId;
    }

    StandLife.Count count() {
        return new StandLife.Count(point, plants, countedOn);
    }

    Map<String, Object> correctable() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("point", point);
        facts.put("plants", plants);
        facts.put("countedOn", countedOn);
        facts.put("note", note);
        return facts;
    }

    CountView view() {
        return new CountView(id(), version(), point, plants, countedOn, note, recordedBy());
    }
}
