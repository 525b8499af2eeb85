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

    protected WeevilLook() {}

    WeevilLook(UUID lotId, LocalDate lookedOn, int seeds, int bored, Stamp stamp) {
        super(lotId, stamp);
        change(lookedOn, seeds, bored);
    }

    final void change(LocalDate lookedOn, int seeds, int bored) {
        BoredSeed.of(seeds, bored, lookedOn, Optional.empty());
        this.lookedOn = lookedOn;
        this.seeds = seeds;
        this.bored = bored;
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
        return facts;
    }

    @Override
    WeevilLookView view() {
        return new WeevilLookView(id(), version(), lookedOn, seeds, bored, recordedBy());
    }
}
