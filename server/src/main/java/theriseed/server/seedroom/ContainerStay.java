package theriseed.server.seedroom;

import jakarta.persistence.Entity;
import java.time.Instant;
import java.util.UUID;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** That a container was put on a shelf. */
@Entity
class ContainerStay extends Recorded {
    private UUID containerId;
    private UUID shelfId;
    private Instant movedAt;

    protected ContainerStay() {}

    ContainerStay(UUID containerId, UUID shelfId, Instant movedAt, Stamp stamp) {
        super(stamp);
        this.containerId = containerId;
        this.shelfId = shelfId;
        this.movedAt = movedAt;
    }

    UUID containerId() {
        return containerId;
    }

    UUID shelfId() {
        return shelfId;
    }

    Instant movedAt() {
        return movedAt;
    }
}
