package theriseed.server.account;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;
import theriseed.server.base.Recorded;

/** A device on which somebody has signed in, known by a digest of the secret it keeps. */
@Entity
class KnownDevice {
    @Id
    private UUID id;

    private byte[] digest;
    private UUID accountId;
    private Instant knownSince;

    protected KnownDevice() {}

    KnownDevice(byte[] digest, UUID accountId, Instant knownSince) {
        this.id = Recorded.nextId();
        this.digest = digest;
        this.accountId = accountId;
        this.knownSince = knownSince;
    }

    UUID id() {
        return id;
    }
}
