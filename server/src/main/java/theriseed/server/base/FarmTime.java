package theriseed.server.base;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;

/** What time it is on the farm: in its own zone, and in demo mode by the demo's own clock. */
public interface FarmTime {
    Instant now();

    ZoneId zone();

    /** The moment to write beside a record: never before one that was told, also when the clock was set back since. */
    default Instant stamp() {
        return now();
    }

    default LocalDate today() {
        return LocalDate.ofInstant(now(), zone());
    }
}
