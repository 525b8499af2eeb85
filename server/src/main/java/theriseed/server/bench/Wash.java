package theriseed.server.bench;

import jakarta.persistence.Entity;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import theriseed.core.bench.AlkalineWash;
import theriseed.core.measure.Range;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** With what and how long seed was washed in a cleaner, in one step. */
@Entity
class Wash extends Recorded {
    private UUID stepId;
    private String product;
    private String dose;
    private int minutes;
    private String batch;
    private Integer rinses;
    private String disposal;

    protected Wash() {}

    Wash(UUID stepId, WashFacts facts, Stamp stamp) {
        super(stamp);
        this.stepId = stepId;
        change(facts);
    }

    final void change(WashFacts facts) {
        Range.of(2, 80, "characters").check("product", facts.product().strip().length());
        Range.of(1, 60, "characters").check("dose", facts.dose().strip().length());
        AlkalineWash.MINUTES.check("minutes", facts.minutes());
        if (facts.rinses() != null) {
            Range.of(0, 50, "rinses").check("rinses", facts.rinses());
        }
        product = facts.product().strip();
        dose = facts.dose().strip();
        minutes = facts.minutes();
        batch = facts.batch().strip();
        rinses = facts.rinses();
        disposal = facts.disposal().strip();
    }

    UUID stepId() {
        return stepId;
    }

    WashFacts facts() {
        return new WashFacts(product, dose, minutes, batch, rinses, disposal);
    }

    Map<String, Object> correctable() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("product", product);
        facts.put("dose", dose);
        facts.put("minutes", minutes);
        facts.put("batch", batch);
        facts.put("rinses", rinses);
        facts.put("disposal", disposal);
        return facts;
    }
}
