package theriseed.server.account;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;
import theriseed.server.base.Recorded;

/** A try at the door that failed. */
@Entity
class LoginAttempt {
    @Id
    private UUID id;

    private String name;
    private String address;
    private Instant triedAt;

    protected LoginAttempt() {}

    LoginAttempt(String name, String address, Instant triedAt) {
        this.id = Recorded.nextId();
        this.name = name;
        this.address = address;
        this.triedAt = triedAt;
    }
}
