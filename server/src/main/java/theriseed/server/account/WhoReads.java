package theriseed.server.account;

import java.time.LocalDateTime;
import java.util.Locale;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Service;
import theriseed.server.base.FarmTime;
import theriseed.server.words.Reader;
import theriseed.server.words.Readers;

/** Whoever is signed in reads, as they like to. */
@Service
class WhoReads implements Readers {
    private final Accounts accounts;
    private final FarmTime time;

    WhoReads(Accounts accounts, FarmTime time) {
        this.time = time;
        this.accounts = accounts;
    }

    @Override
    public Reader now() {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        if (who == null || !who.isAuthenticated() || who.getName().equals("anonymousUser")) {
            return Reader.ANYBODY;
        }
        AccountView reads = accounts.get(who.getName());
        return new Reader(
                Locale.forLanguageTag(reads.locale()), reads.units(), LocalDateTime.ofInstant(time.now(), time.zone()));
    }
}
