package theriseed.server.farm;

import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import theriseed.server.base.FarmTime;

/** The wall clock in the farm's zone; on the demo farm a clock that stands where it was set. */
@Component
public class FarmClock implements FarmTime {
    private static final ThreadLocal<Instant> TOLD = new ThreadLocal<>();

    private final FarmRepository farms;

    FarmClock(FarmRepository farms) {
        this.farms = farms;
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

    @Override
    @Transactional(readOnly = true)
    public Instant now() {
        return Optional.ofNullable(TOLD.get())
                .or(() -> farms.findFirstBy().map(Farm::clock))
                .orElseGet(Instant::now);
    }

    @Override
    @Transactional(readOnly = true)
    public ZoneId zone() {
        return farms.findFirstBy().map(Farm::zone).orElse(ZoneOffset.UTC);
    }
}
