package theriseed.server.harvest;

import jakarta.persistence.Entity;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** What was picked into a lot. Mass in grams. */
@Entity
class Harvest extends Recorded {
    private UUID lotId;
    private LocalDate pickedOn;
    private BigDecimal mass;
    private int plants;
    private String note;

    protected Harvest() {}

    Harvest(UUID lotId, HarvestFacts facts, Stamp stamp) {
        super(stamp);
        this.lotId = lotId;
        change(facts);
    }

    final void change(HarvestFacts facts) {
        this.pickedOn = facts.pickedOn();
        this.mass = facts.mass();
        this.plants = facts.plants();
        this.note = facts.note();
    }

    UUID lotId() {
        return lotId;
    }

    Map<String, Object> correctable() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("pickedOn", pickedOn);
        facts.put("mass", mass);
        facts.put("plants", plants);
        facts.put("note", note);
        return facts;
    }

    HarvestView view() {
        return new HarvestView(id(), version(), lotId, pickedOn, mass, plants, note, recordedBy());
    }
}
