package theriseed.server.money;

import jakarta.persistence.MappedSuperclass;
import java.util.UUID;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;
import theriseed.server.lot.LotView;

/** Something that a whole planting bears, or one lot of it. */
@MappedSuperclass
abstract class Borne extends Recorded {
    private UUID plantingId;
    private UUID lotId;

    protected Borne() {}

    Borne(Bears on, Stamp stamp) {
        super(stamp);
        this.plantingId = on.plantingId();
        this.lotId = on.lotId();
    }

    UUID plantingId() {
        return plantingId;
    }

    UUID lotId() {
        return lotId;
    }

    /** Id of the planting or the lot. */
    UUID on() {
        return plantingId == null ? lotId : plantingId;
    }

    boolean concerns(LotView lot) {
        return lot.id().equals(lotId)
                || lot.plantingId() != null && lot.plantingId().equals(plantingId);
    }
}
