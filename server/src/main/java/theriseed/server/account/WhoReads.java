package theriseed.server.account;

import java.time.LocalDateTime;
import java.util.Locale;
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
        return accounts.signedIn()
                .map(who -> new Reader(
                        Locale.forLanguageTag(who.locale()),
                        who.units(),
                        LocalDateTime.ofInstant(time.now(), time.zone())))
                .orElse(Reader.ANYBODY);
    }
}
