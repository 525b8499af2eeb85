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
import theriseed.server.base.ByItself;
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
    /** Known to nobody else who locks. */
    private static final long FIRST = 0x7_4E5_EEDL;

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
        Account account = accounts.findByFoldedName(Names.folded(name))
                .filter(Account::mayEnter)
                .orElseThrow(() -> new UsernameNotFoundException(name));
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
        return called(name).view();
    }

    /** Somebody whom name and password let in, if there is anybody of this name. */
    @ReadsOnly
    public Optional<AccountView> inside(String name) {
        return accounts.findByFoldedName(Names.folded(name))
                .filter(Account::mayEnter)
                .map(Account::view);
    }

    /** Whoever is signed in, if anybody is. */
    @ReadsOnly
    public Optional<AccountView> signedIn() {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        return who == null
                        || who instanceof AnonymousAuthenticationToken
                        || who instanceof ByItself
                        || !who.isAuthenticated()
                ? Optional.empty()
                : Optional.of(get(who.getName()));
    }

    /** The first grower, made while nobody can sign in yet. */
    @Transactional
    public AccountView makeFirst(String name, String password) {
        if (!accounts.alone(FIRST) || !none()) {
            throw new Refused("name", name, "account.firstGrowerThere");
        }
        return withPassword(add(name, Role.GROWER), password);
    }

    /** Somebody who can sign in at once. */
    @GrowersWork
    @Transactional
    public AccountView make(String name, String password, Role role) {
        return withPassword(add(name, role), password);
    }

    /** @param locale one of {@link Reader#LOCALES} */
    @Transactional
    public AccountView prefer(String name, Units units, Theme theme, String locale) {
        Account account = called(name);
        account.prefer(units, theme, known(locale));
        return account.view();
    }

    /** Somebody who has no password yet. @param locale one of {@link Reader#LOCALES} */
    @Transactional
    Account add(String name, Role role, Units units, String locale) {
        Account account = add(name, role);
        account.prefer(units, Theme.SYSTEM, known(locale));
        return account;
    }

    /** Another password for whoever is signed in. @throws Refused when the old one is another */
    @Transactional
    void change(String name, String old, String password, String farm) {
        Account account = called(name);
        if (!passwords.matches(old, account.passwordHash())) {
            throw new Refused("old", "", "account.oldPassword");
        }
        Passwords.check(password, List.of(name, farm, "theriseed"));
        account.choose(passwords.encode(password));
    }

    private Account add(String name, Role role) {
        Range.of(1, 60, "characters").check("name", name.strip().length());
        if (accounts.findByFoldedName(Names.folded(name)).isPresent()) {
            throw new Refused("name", name, "account.nameTaken", "called", name);
        }
        return accounts.save(new Account(name.strip(), role, stamps.now()));
    }

    private AccountView withPassword(Account account, String password) {
        account.choose(passwords.encode(password));
        return account.view();
    }

    private Account called(String name) {
        return accounts.findByFoldedName(Names.folded(name)).orElseThrow(NotFound.of("account"));
    }

    private static String known(String locale) {
        if (!Reader.LOCALES.contains(locale)) {
            throw new Refused("locale", locale, "account.locale", "locale", locale);
        }
        return locale;
    }
}
