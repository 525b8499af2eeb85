package theriseed.server.quality;

import jakarta.persistence.MappedSuperclass;
import java.time.LocalDate;
import java.util.Map;
import java.util.UUID;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** Something found out about a lot's seed on a day. */
@MappedSuperclass
abstract class SeedTest extends Recorded {
    private UUID lotId;

    protected SeedTest() {}

    SeedTest(UUID lotId, Stamp stamp) {
        super(stamp);
        this.lotId = lotId;
    }

    UUID lotId() {
        return lotId;
    }

    /** The day from which it counts. */
    abstract LocalDate on();

    /** What a correction may change, by name. */
    abstract Map<String, Object> correctable();

    /** As others see it. */
    abstract Object view();
}
