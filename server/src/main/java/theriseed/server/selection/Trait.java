package theriseed.server.selection;

import jakarta.persistence.Entity;
import java.util.UUID;
import theriseed.core.measure.Range;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** Something plants of a variety are scored for, on a scale of the grower's own. */
@Entity
class Trait extends Recorded {
    private UUID varietyId;
    private String name;
    private double low;
    private double high;
    private boolean moreIsBetter;

    protected Trait() {}

    Trait(UUID varietyId, TraitFacts facts, Stamp stamp) {
        super(stamp);
        this.varietyId = varietyId;
        this.name = facts.name().strip();
        this.low = Range.of(-1e6, 1e6, "").check("low", facts.low());
        this.high = Range.above(low, 1e6, "").check("high", facts.high());
        this.moreIsBetter = facts.moreIsBetter();
    }

    UUID varietyId() {
        return varietyId;
    }

    double check(double value) {
        return Range.of(low, high, "points of its scale").check("value", value);
    }

    /** Where a score lies on its scale: 0 the worst, 100 the best. */
    double score(double value) {
        double share = 100 * (value - low) / (high - low);
        return moreIsBetter ? share : 100 - share;
    }

    TraitView view() {
        return new TraitView(id(), name, low, high, moreIsBetter);
    }
}
