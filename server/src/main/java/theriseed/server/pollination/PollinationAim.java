package theriseed.server.pollination;

import jakarta.persistence.Entity;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import theriseed.core.measure.Range;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** Seed wanted from hand pollination in a planting. */
@Entity
class PollinationAim extends Recorded {
    private UUID plantingId;
    private int seeds;
    private double perFruit;
    private double variation;

    protected PollinationAim() {}

    PollinationAim(UUID plantingId, AimFacts facts, Stamp stamp) {
        super(stamp);
        this.plantingId = plantingId;
        change(facts);
    }

    final void change(AimFacts facts) {
        this.seeds = Range.of(1, 10_000_000, "seeds").check("seeds", facts.seeds());
        this.perFruit = Range.above(0, 1e5, "seeds").check("perFruit", facts.perFruit());
        this.variation = Range.of(0, 2, "").check("variation", facts.variation());
    }

    AimView view() {
        return new AimView(version(), new AimFacts(seeds, perFruit, variation));
    }

    Map<String, Object> correctable() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("seeds", seeds);
        facts.put("perFruit", perFruit);
        facts.put("variation", variation);
        return facts;
    }
}
