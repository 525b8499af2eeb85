package theriseed.server.farm;

import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Supplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Moments that never go back by as much as a clock is set back, so that a correction is not dated before its record. */
final class Steady {
    private static final Logger LOG = LoggerFactory.getLogger(Steady.class);

    /** A clock set back by more was wrong before; what it dated then stays, and the right time goes on. */
    static final Duration MOST = Duration.ofHours(26);

    /** What the database tells apart. */
    private static final Duration LEAST = Duration.of(1, ChronoUnit.MICROS);

    private final AtomicReference<Instant> last = new AtomicReference<>();
    private final Supplier<Instant> lastWritten;

    /** @param lastWritten the latest moment that was written down before this was started */
    Steady(Supplier<Instant> lastWritten) {
        this.lastWritten = lastWritten;
    }

    /** The moment itself; just after the latest that was told when the clock was set back since. */
    Instant after(Instant now) {
        return last.updateAndGet(told -> {
            Instant before = told == null ? lastWritten.get() : told;
            if (before.isBefore(now)) {
                return now;
            }
            if (before.isAfter(now.plus(MOST))) {
                LOG.warn("The machine's clock was set back from {} to {}.", before, now);
                return now;
            }
            return before.plus(LEAST);
        });
    }
}
