package theriseed.server.account;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;
import theriseed.server.base.Recorded;

/** A try at the door whose password was not right, or is being looked at. */
@Entity
class DoorTry {
    @Id
    private UUID id;

    private String name;
    private String source;
    private Instant triedAt;

    protected DoorTry() {}

    DoorTry(String name, String source, Instant triedAt) {
        this.id = Recorded.nextId();
        this.name = name;
        this.source = source;
        this.triedAt = triedAt;
    }

    Instant triedAt() {
        return triedAt;
    }
}
