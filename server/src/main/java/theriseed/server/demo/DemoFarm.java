package theriseed.server.demo;

import java.time.Instant;
import java.util.Locale;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.SmartLifecycle;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.AuthorityUtils;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.ground.LonLat;
import theriseed.server.account.Accounts;
import theriseed.server.account.Role;
import theriseed.server.farm.FarmClock;
import theriseed.server.farm.FarmView;
import theriseed.server.farm.Farms;

/**
 * Loads the made-up farm on the first start in demo mode, through the same services the screens use, so that it can hold
 * nothing the rules refuse. In any other mode a database with the demo farm is refused, and so are its accounts.
 */
@Component
class DemoFarm implements SmartLifecycle {
    private static final Logger LOG = LoggerFactory.getLogger(DemoFarm.class);

    private final String mode;
    private final Instant clock;
    private final Farms farms;
    private final Accounts accounts;
    private final FarmClock time;
    private final DemoRecords records;
    private boolean running;

    DemoFarm(
            @Value("${theriseed.mode}") String mode,
            @Value("${theriseed.demo-clock:2026-08-14T07:10:00Z}") Instant clock,
            Farms farms,
            Accounts accounts,
            FarmClock time,
            DemoRecords records) {
        this.mode = mode;
        this.clock = clock;
        this.farms = farms;
        this.accounts = accounts;
        this.time = time;
        this.records = records;
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
        var farm = farms.find();
        if (farm.map(FarmView::demo).orElse(demo) != demo) {
            throw new IllegalStateException(
                    demo
                            ? "This database holds a real farm: start it without the demo."
                            : "This database holds the demo farm, whose passwords are public: use another database.");
        }
        if (demo && farm.isEmpty()) {
            time.at(Instant.parse("2023-11-01T09:00:00Z"), this::make);
            LOG.info("The demo farm is loaded.");
        }
    }

    private void make() {
        farms.make("Skerrow Farm", new LonLat(-24.3, 54.6), "Atlantic/Azores", "EUR", 6, 17.5, Locale.UK, clock);
        accounts.makeFirst("grower", "skerrow-grower");
        SecurityContextHolder.getContext()
                .setAuthentication(UsernamePasswordAuthenticationToken.authenticated(
                        "grower", null, AuthorityUtils.createAuthorityList("ROLE_GROWER")));
        try {
            accounts.make("hand", "skerrow-hand", Role.HAND);
            accounts.make("visitor", "skerrow-visitor", Role.VISITOR);
            records.make();
        } finally {
            SecurityContextHolder.clearContext();
        }
    }
}
