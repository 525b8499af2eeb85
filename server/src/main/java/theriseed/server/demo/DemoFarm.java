package theriseed.server.demo;

import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import theriseed.server.farm.FarmView;
import theriseed.server.farm.Farms;

/**
 * Loads the made-up farm on the first start in demo mode. In any other mode a database with the demo farm is refused, for
 * everybody knows its passwords; a sample farm has its own.
 */
@Component
class DemoFarm implements SmartLifecycle {
    private static final Logger LOG = LoggerFactory.getLogger(DemoFarm.class);

    private final String mode;
    private final Farms farms;
    private final MadeUpFarm madeUp;
    private boolean running;

    DemoFarm(@Value("${theriseed.mode}") String mode, Farms farms, MadeUpFarm madeUp) {
        this.mode = mode;
        this.farms = farms;
        this.madeUp = madeUp;
    }

    /** Before the first page is served. */
    @Override
    public int getPhase() {
        return 0;
    }

    @Override
    public boolean isRunning() {
        return running;
    }

    @Override
    public void stop() {
        running = false;
    }

    @Override
    @Transactional
    public void start() {
        running = true;
        boolean demo = mode.equals("demo");
        Optional<FarmView> farm = farms.find();
        if (farm.map(there -> there.demo() && !there.sample()).orElse(demo) != demo) {
            throw new IllegalStateException(
                    demo
                            ? "This database holds a real farm: start it without the demo."
                            : "This database holds the demo farm, whose passwords are public: use another database.");
        }
        if (demo && farm.isEmpty()) {
            madeUp.make(name -> "skerrow-" + name);
            LOG.info("The demo farm is loaded.");
        }
    }
}
