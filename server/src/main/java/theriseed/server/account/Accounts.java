package theriseed.server.account;

import java.util.List;
import java.util.Optional;
import org.springframework.security.authentication.AnonymousAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.core.userdetails.User;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.measure.Range;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.words.Reader;
import theriseed.server.words.Units;

/** The people of the farm. */
@Service
public class Accounts implements UserDetailsService {
    private final AccountRepository accounts;
    private final PasswordEncoder passwords;
    private final Stamps stamps;

    Accounts(AccountRepository accounts, PasswordEncoder passwords, Stamps stamps) {
        this.accounts = accounts;
        this.passwords = passwords;
        this.stamps = stamps;
    }

    @Override
    @ReadsOnly
    public UserDetails loadUserByUsername(String name) {
        Account account =
                accounts.findByFoldedName(Names.folded(name)).orElseThrow(() -> new UsernameNotFoundException(name));
        return User.withUsername(account.name())
                .password(account.passwordHash())
                .roles(account.role().name())
                .build();
    }

    @ReadsOnly
    public boolean none() {
        return accounts.count() == 0;
    }

    @ReadsOnly
    public AccountView get(String name) {
        return accounts.findByFoldedName(Names.folded(name)).map(Account::view).orElseThrow(NotFound.of("account"));
    }

    /** Whoever is signed in, if anybody is. */
    @ReadsOnly
    public Optional<AccountView> signedIn() {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        return who == null || who instanceof AnonymousAuthenticationToken || !who.isAuthenticated()
                ? Optional.empty()
                : Optional.of(get(who.getName()));
    }

    @ReadsOnly
    public List<AccountView> all() {
        return accounts.findAll().stream().map(Account::view).toList();
    }

    /** The first grower, made while nobody can sign in yet. */
    @Transactional
    public AccountView makeFirst(String name, String password) {
        if (!none()) {
            throw new Refused("name", name, "account.firstGrowerThere");
        }
        return save(name, password, Role.GROWER);
    }

    @GrowersWork
    @Transactional
    public AccountView make(String name, String password, Role role) {
        return save(name, password, role);
    }

    /** @param locale one of {@link Reader#LOCALES} */
    @Transactional
    public AccountView prefer(String name, Units units, Theme theme, String locale) {
        if (!Reader.LOCALES.contains(locale)) {
            throw new Refused("locale", locale, "account.locale", "locale", locale);
        }
        Account account = accounts.findByFoldedName(Names.folded(name)).orElseThrow(NotFound.of("account"));
        account.prefer(units, theme, locale);
        return account.view();
    }

    private AccountView save(String name, String password, Role role) {
        Range.of(1, 60, "characters").check("name", name.strip().length());
        if (accounts.findByFoldedName(Names.folded(name)).isPresent()) {
            throw new Refused("name", name, "account.nameTaken", "called", name);
        }
        return accounts.save(new Account(name.strip(), passwords.encode(password), role, stamps.now()))
                .view();
    }
}
