package theriseed.server.selection;

import jakarta.persistence.Entity;
import java.util.UUID;
import theriseed.core.measure.Range;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** Rows sown from the seed of single plants, to see whose progeny is best. */
@Entity
class ProgenyTrial extends Recorded {
    private UUID varietyId;
    private UUID plantingId;
    private String name;
    private int blocks;

    protected ProgenyTrial() {}

    ProgenyTrial(UUID id, UUID varietyId, UUID plantingId, String name, int blocks, Stamp stamp) {
        super(id, stamp);
        this.varietyId = varietyId;
        this.plantingId = plantingId;
        this.name = name.strip();
        this.blocks = Range.of(1, 12, "blocks").check("blocks", blocks);
    }

    UUID varietyId() {
        return varietyId;
    }

    UUID plantingId() {
        return plantingId;
    }

    String name() {
        return name;
    }

    int blocks() {
        return blocks;
    }
}
