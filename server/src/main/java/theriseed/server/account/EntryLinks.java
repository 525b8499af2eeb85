package theriseed.server.account;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.server.base.Digest;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.farm.Farms;

/**
 * The links by which people choose a password: those who were invited, and those who forgot theirs. A link is open once and
 * for some days; whoever makes another closes it. Its secret is made by whoever makes the link and kept nowhere.
 */
@Service
class EntryLinks {
    static final Duration OPEN_FOR = Duration.ofDays(7);

    private final EntryLinkRepository links;
    private final AccountRepository accounts;
    private final Whereabouts whereabouts;
    private final Farms farms;
    private final PasswordEncoder passwords;
    private final Stamps stamps;
    private final Clock clock;

    EntryLinks(
            EntryLinkRepository links,
            AccountRepository accounts,
            Whereabouts whereabouts,
            Farms farms,
            PasswordEncoder passwords,
            Stamps stamps,
            Clock clock) {
        this.links = links;
        this.accounts = accounts;
        this.whereabouts = whereabouts;
        this.farms = farms;
        this.passwords = passwords;
        this.stamps = stamps;
        this.clock = clock;
    }

    /**
     * Whom a link lets in.
     *
     * @param invited whether this person has never been in before
     */
    record EntryView(String name, Role role, String farm, boolean invited) {}

    /** Until when each account has an open link. */
    @ReadsOnly
    Map<UUID, Instant> open() {
        return links.findByClosedAtIsNullAndUntilAfter(clock.instant()).stream()
                .collect(Collectors.toMap(EntryLink::accountId, EntryLink::until));
    }

    @Transactional
    void make(Account account, UUID secret) {
        close(account);
        byte[] digest = Digest.of(secret.toString());
        if (links.existsByDigest(digest)) {
            throw new Refused("secret", secret, "account.secretTaken");
        }
        links.save(new EntryLink(account, digest, clock.instant().plus(OPEN_FOR), stamps.now()));
    }

    @Transactional
    void close(Account account) {
        links.findByAccountIdAndClosedAtIsNull(account.id()).forEach(link -> link.close(clock.instant()));
        links.flush();
    }

    @ReadsOnly
    EntryView look(UUID secret) {
        Account account = accountOf(secret);
        return new EntryView(account.name(), account.role(), farms.get().name(), account.invited());
    }

    /** Whoever has the link chooses a password; wherever they were signed in before, they are no longer. */
    @Transactional
    String choose(UUID secret, String password) {
        Account account = accountOf(secret);
        Passwords.check(password, List.of(account.name(), farms.get().name(), "theriseed"));
        account.choose(passwords.encode(password));
        close(account);
        whereabouts.leaveAll(account.name());
        return account.name();
    }

    private Account accountOf(UUID secret) {
        return links.open(Digest.of(secret.toString()), clock.instant())
                .flatMap(link -> accounts.findById(link.accountId()))
                .filter(account -> !account.ended())
                .orElseThrow(() -> new Refused("secret", "", "account.linkClosed"));
    }
}
