package theriseed.server.stand;

import jakarta.persistence.Entity;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import theriseed.core.measure.Range;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** Seed of one plant, weighed by itself, in grams. */
@Entity
class PlantSeed extends Recorded {
    private UUID plantingId;
    private String plant;
    private BigDecimal mass;
    private LocalDate weighedOn;

    protected PlantSeed() {}

    PlantSeed(UUID id, UUID plantingId, SeedFacts facts, Stamp stamp) {
        super(id, stamp);
        this.plantingId = plantingId;
        change(facts);
    }

    final void change(SeedFacts facts) {
        Range.of(0, 100_000, "g").check("mass", facts.mass().doubleValue());
        this.plant = facts.plant().strip();
        this.mass = facts.mass();
        this.weighedOn = facts.weighedOn();
    }

    UUID plantingId() {
        return plantingId;
    }

    double mass() {
        return mass.doubleValue();
    }

    Map<String, Object> correctable() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("plant", plant);
        facts.put("mass", mass);
        facts.put("weighedOn", weighedOn);
        return facts;
    }

    SeedView view() {
        return new SeedView(id(), version(), plant, mass, weighedOn, recordedBy());
    }
}
