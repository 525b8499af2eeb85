package theriseed.server.base;

import com.fasterxml.uuid.Generators;
import com.fasterxml.uuid.impl.TimeBasedEpochGenerator;
import jakarta.persistence.Id;
import jakarta.persistence.MappedSuperclass;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;

/** A record with a time-ordered id, the version that two people cannot both change, and who made it when. */
@MappedSuperclass
public abstract class Recorded {
    private static final TimeBasedEpochGenerator IDS = Generators.timeBasedEpochGenerator();

    @Id
    private UUID id;

    @Version
    private Integer version;

    private Instant recordedAt;
    private String recordedBy;

    protected Recorded() {}

    protected Recorded(Stamp stamp) {
        this(IDS.generate(), stamp);
    }

    /** For records whose id was made where the work was done. */
    protected Recorded(UUID id, Stamp stamp) {
        this.id = id;
        this.recordedAt = stamp.at();
        this.recordedBy = stamp.by();
    }

    public UUID id() {
        return id;
    }

    public int version() {
        return version == null ? 0 : version;
    }

    public Instant recordedAt() {
        return recordedAt;
    }

    public String recordedBy() {
        return recordedBy;
    }

    /** A new time-ordered id. */
    public static UUID nextId() {
        return IDS.generate();
    }
}
