package theriseed.server.quality;

import jakarta.persistence.Entity;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import theriseed.core.quality.BoredSeed;
import theriseed.server.base.Stamp;

/** Seed of a lot looked at for weevils. */
@Entity
class WeevilLook extends SeedTest {
    private LocalDate lookedOn;
    private int seeds;
    private int bored;
    private int alive;

    protected WeevilLook() {}

    WeevilLook(UUID lotId, WeevilFacts facts, Stamp stamp) {
        super(lotId, stamp);
        change(facts);
    }

    final void change(WeevilFacts facts) {
        BoredSeed.of(facts.seeds(), facts.bored(), facts.alive(), facts.lookedOn(), Optional.empty());
        this.lookedOn = facts.lookedOn();
        this.seeds = facts.seeds();
        this.bored = facts.bored();
        this.alive = facts.alive();
    }

    @Override
    LocalDate on() {
        return lookedOn;
    }

    @Override
    Map<String, Object> correctable() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("lookedOn", lookedOn);
        facts.put("seeds", seeds);
        facts.put("bored", bored);
        facts.put("alive", alive);
        return facts;
    }

    @Override
    WeevilLookView view() {
        return new WeevilLookView(id(), version(), lookedOn, seeds, bored, alive, recordedBy());
    }
}
