package theriseed.server.account;

import jakarta.persistence.Entity;
import java.time.Instant;
import java.util.UUID;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** A link by which one person chooses a password, once; known by a digest of its secret. */
@Entity
class EntryLink extends Recorded {
    private UUID accountId;
    private byte[] digest;
    private Instant until;
    private Instant closedAt;

    protected EntryLink() {}

    EntryLink(Account account, byte[] digest, Instant until, Stamp stamp) {
        super(stamp);
        this.accountId = account.id();
        this.digest = digest;
        this.until = until;
    }

    /** It was used, or another took its place. */
    void close(Instant now) {
        closedAt = now;
    }

    UUID accountId() {
        return accountId;
    }

    Instant until() {
        return until;
    }
}
