package theriseed.server.demo;

import java.time.Instant;
import java.util.Locale;
import java.util.function.UnaryOperator;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.AuthorityUtils;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import theriseed.core.ground.LonLat;
import theriseed.server.account.Accounts;
import theriseed.server.account.Role;
import theriseed.server.farm.FarmClock;
import theriseed.server.farm.Farms;

/** Makes the made-up farm through the same services the screens use, so that it can hold nothing the rules refuse. */
@Component
class MadeUpFarm {
    static final String GROWER = "grower";
    private static final Instant BEGUN = Instant.parse("2023-11-01T09:00:00Z");

    private final Instant clock;
    private final Farms farms;
    private final Accounts accounts;
    private final FarmClock time;
    private final DemoRecords records;

    MadeUpFarm(
            @Value("${theriseed.demo-clock:2026-08-14T07:10:00Z}") Instant clock,
            Farms farms,
            Accounts accounts,
            FarmClock time,
            DemoRecords records) {
        this.clock = clock;
        this.farms = farms;
        this.accounts = accounts;
        this.time = time;
        this.records = records;
    }

    /** Makes it, in the transaction it is called in. @param passwordOf each of its people, by name */
    void make(UnaryOperator<String> passwordOf) {
        time.at(BEGUN, () -> {
            accounts.makeFirst(GROWER, passwordOf.apply(GROWER));
            farms.make("Skerrow Farm", new LonLat(-24.3, 54.6), "Atlantic/Azores", "EUR", 6, 17.5, Locale.UK, clock);
            SecurityContextHolder.getContext()
                    .setAuthentication(UsernamePasswordAuthenticationToken.authenticated(
                            GROWER, null, AuthorityUtils.createAuthorityList("ROLE_GROWER")));
            try {
                accounts.make("hand", passwordOf.apply("hand"), Role.HAND);
                accounts.make("visitor", passwordOf.apply("visitor"), Role.VISITOR);
                records.make();
            } finally {
                SecurityContextHolder.clearContext();
            }
        });
    }
}
