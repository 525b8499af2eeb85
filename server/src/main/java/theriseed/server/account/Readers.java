package theriseed.server.account;

import java.util.Locale;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Service;
import theriseed.server.words.Reader;

/** Who reads what is being written, as they like to read it. */
@Service
public class Readers {
    private final Accounts accounts;

    Readers(Accounts accounts) {
        this.accounts = accounts;
    }

    /** Whoever asked. */
    public Reader now() {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        AccountView reads = accounts.get(who.getName());
        return new Reader(Locale.forLanguageTag(reads.locale()), reads.units());
    }
}
