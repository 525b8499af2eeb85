package theriseed.server.account;

import java.util.List;
import java.util.Locale;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.ground.LonLat;
import theriseed.server.farm.Farms;
import theriseed.server.words.Units;

/** Makes an empty farm and its first grower, both or neither. */
@Service
class FirstRun {
    private final Farms farms;
    private final Accounts accounts;

    FirstRun(Farms farms, Accounts accounts) {
        this.farms = farms;
        this.accounts = accounts;
    }

    @Transactional
    void make(
            String farm,
            LonLat spot,
            String timeZone,
            String currency,
            double coldestMonth,
            double warmestMonth,
            Units units,
            String locale,
            String name,
            String password) {
        Passwords.check(password, List.of(name, farm, "theriseed"));
        accounts.makeFirst(name, password);
        accounts.prefer(name, units, Theme.SYSTEM, locale);
        farms.make(farm, spot, timeZone, currency, coldestMonth, warmestMonth, Locale.forLanguageTag(locale), null);
    }
}
