package theriseed.server.base;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.Arrays;
import java.util.UUID;

/** What was answered to a request that changed records, under the id the request was sent with. */
@Entity
class KeptAnswer {
    @Id
    private UUID id;

    private String account;
    private byte[] digest;
    private int status;
    private String contentType;
    private byte[] body;
    private Instant keptAt;

    protected KeptAnswer() {}

    KeptAnswer(UUID id, String account, byte[] digest, int status, String contentType, byte[] body, Instant keptAt) {
        this.id = id;
        this.account = account;
        this.digest = digest;
        this.status = status;
        this.contentType = contentType;
        this.body = body;
        this.keptAt = keptAt;
    }

    /** Whether it answered somebody else. */
    boolean toAnother(String name) {
        return !account.equals(name);
    }

    /** Whether it answered the same content. */
    boolean to(byte[] content) {
        return Arrays.equals(digest, content);
    }

    int status() {
        return status;
    }

    String contentType() {
        return contentType;
    }

    byte[] body() {
        return body;
    }
}
