package theriseed.server.farm;

import java.sql.Timestamp;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.Optional;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import theriseed.server.base.FarmTime;
import theriseed.server.base.ReadsOnly;

/** The wall clock in the farm's zone; on the demo farm a clock that stands where it was set. */
@Component
public class FarmClock implements FarmTime {
    private static final ThreadLocal<Instant> TOLD = new ThreadLocal<>();

    /** Another server may put another farm in the place of this one. */
    private static final long LOOKS_AGAIN_NANOS = 700_000_000;

    private final JdbcTemplate database;
    private final Steady steady = new Steady(this::lastWritten);
    private volatile Known known;

    /** Zone and clock of the farm, which change only when another is put in its place. */
    private record Known(ZoneId zone, Optional<Instant> clock, long seenAt) {}

    FarmClock(JdbcTemplate database) {
        this.database = database;
    }

    /** Does something as if at another moment, so that the demo's past is recorded on its own days. */
    public void at(Instant moment, Runnable work) {
        Instant before = TOLD.get();
        TOLD.set(moment);
        try {
            work.run();
        } finally {
            TOLD.set(before);
        }
    }

    /** Looks again which farm it is. */
    public void lookAgain() {
        known = null;
    }

    @Override
    @ReadsOnly
    public Instant now() {
        return Optional.ofNullable(TOLD.get())
                .or(() -> known().flatMap(Known::clock))
                .orElseGet(Instant::now);
    }

    @Override
    @ReadsOnly
    public Instant stamp() {
        boolean ofTheMachine =
                TOLD.get() == null && known().flatMap(Known::clock).isEmpty();
        return ofTheMachine ? steady.after(now()) : now();
    }

    @Override
    @ReadsOnly
    public ZoneId zone() {
        return known().map(Known::zone).orElse(ZoneOffset.UTC);
    }

    /** When something was written down last, however long ago and by whatever server. */
    private Instant lastWritten() {
        Timestamp last = database.queryForObject("select max(kept_at) from kept_answer", Timestamp.class);
        return last == null ? Instant.MIN : last.toInstant();
    }

    private Optional<Known> known() {
        Known seen = known;
        if (seen == null || System.nanoTime() - seen.seenAt() > LOOKS_AGAIN_NANOS) {
            seen = database
                    .query(
                            "select time_zone, clock from farm limit 1",
                            (farm, row) -> new Known(
                                    ZoneId.of(farm.getString(1)),
                                    Optional.ofNullable(farm.getTimestamp(2)).map(Timestamp::toInstant),
                                    System.nanoTime()))
                    .stream()
                    .findFirst()
                    .orElse(null);
            known = seen;
        }
        return Optional.ofNullable(seen);
    }
}
