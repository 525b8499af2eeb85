package theriseed.server.selection;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.util.UUID;
import theriseed.server.base.Recorded;

/** A piece of a progeny row: the part of it that lies in one block. */
@Entity
class ProgenyPlot {
    @Id
    private UUID id;

    private UUID rowId;
    private int block;

    protected ProgenyPlot() {}

    ProgenyPlot(UUID rowId, int block) {
        this.id = Recorded.nextId();
        this.rowId = rowId;
        this.block = block;
    }

    UUID id() {
        return id;
    }

    UUID rowId() {
        return rowId;
    }

    int block() {
        return block;
    }
}
