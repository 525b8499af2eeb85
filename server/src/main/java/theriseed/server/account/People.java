package theriseed.server.account;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.words.Reader;
import theriseed.server.words.Units;

/** The people of the farm: invited, given another role, helped to a new password, and seen off. There is always a grower. */
@Service
public class People {
    private static final String SUBJECT = "account";

    private final AccountRepository accounts;
    private final Accounts doorway;
    private final EntryLinks links;
    private final Whereabouts whereabouts;
    private final Corrections corrections;
    private final Stamps stamps;
    private final ApplicationEventPublisher events;

    People(
            AccountRepository accounts,
            Accounts doorway,
            EntryLinks links,
            Whereabouts whereabouts,
            Corrections corrections,
            Stamps stamps,
            ApplicationEventPublisher events) {
        this.accounts = accounts;
        this.doorway = doorway;
        this.links = links;
        this.whereabouts = whereabouts;
        this.corrections = corrections;
        this.stamps = stamps;
        this.events = events;
    }

    /** Everybody, those who are here first, by name. */
    @GrowersWork
    @ReadsOnly
    public List<PersonView> all() {
        return views(accounts.findAll());
    }

    private List<PersonView> views(List<Account> some) {
        var open = links.open();
        var seen = whereabouts.all();
        return some.stream()
                .map(account -> new PersonView(
                        account.id(),
                        account.version(),
                        account.name(),
                        account.role(),
                        standing(account),
                        account.recordedAt(),
                        account.recordedBy(),
                        open.get(account.id()),
                        seen.containsKey(account.name())
                                ? seen.get(account.name()).count()
                                : 0,
                        seen.containsKey(account.name())
                                ? seen.get(account.name()).last()
                                : null,
                        account.endedAt(),
                        account.endedBy()))
                .sorted(Comparator.comparing((PersonView person) -> person.standing() == PersonView.Standing.ENDED)
                        .thenComparing(PersonView::name, String.CASE_INSENSITIVE_ORDER))
                .toList();
    }

    /**
     * Invites somebody.
     *
     * @param locale one of {@link Reader#LOCALES}
     * @param secret the end of the link by which they choose their password, made at random by whoever invites; not kept
     */
    @GrowersWork
    @Transactional
    public PersonView invite(String name, Role role, Units units, String locale, UUID secret) {
        Account account = doorway.add(name, role, units, locale);
        links.make(account, secret);
        return view(account);
    }

    /** Takes back an invitation that nobody followed; the name is free again. */
    @GrowersWork
    @Transactional
    public void withdraw(UUID id, int version) {
        Account account = read(id, version);
        if (!account.invited()) {
            throw new Refused("name", account.name(), "account.cameAlready", "called", account.name());
        }
        accounts.delete(account);
    }

    /** Makes a link by which this person chooses a new password; until then the old one holds. */
    @GrowersWork
    @Transactional
    public PersonView link(UUID id, int version, UUID secret) {
        Account account = read(id, version);
        if (account.ended()) {
            throw new Refused("name", account.name(), "account.ended", "called", account.name());
        }
        links.make(account, secret);
        return view(account);
    }

    /** Gives somebody another role; they sign in anew. */
    @GrowersWork
    @Transactional
    public PersonView become(UUID id, int version, Role role) {
        Account account = read(id, version);
        Map<String, ?> before = Map.of("role", account.role());
        if (role != Role.GROWER) {
            keepAGrower(account);
        }
        account.become(role);
        corrections.keep(SUBJECT, id, before, Map.of("role", role), "another role");
        whereabouts.leaveAll(account.name());
        return view(account);
    }

    /** Signs somebody out everywhere, as when a phone was lost. */
    @GrowersWork
    @Transactional
    public void signOut(UUID id) {
        whereabouts.leaveAll(
                accounts.findById(id).orElseThrow(NotFound.of("account")).name());
    }

    /** Ends an account: its records stay, its name is nobody else's. */
    @GrowersWork
    @Transactional
    public PersonView end(UUID id, int version) {
        Account account = read(id, version);
        keepAGrower(account);
        account.end(stamps.now());
        links.close(account);
        corrections.keep(SUBJECT, id, Map.of("ended", ""), Map.of("ended", account.endedAt()), "ended");
        whereabouts.leaveAll(account.name());
        events.publishEvent(new PersonEnded(account.name()));
        return view(account);
    }

    /** Somebody whose account was ended is back, with the password of before. */
    @GrowersWork
    @Transactional
    public PersonView comeBack(UUID id, int version) {
        Account account = read(id, version);
        if (account.ended()) {
            corrections.keep(SUBJECT, id, Map.of("ended", account.endedAt()), Map.of("ended", ""), "back");
            account.comeBack();
        }
        return view(account);
    }

    private void keepAGrower(Account leaving) {
        boolean another = accounts.growersHeld().stream()
                .anyMatch(grower -> grower.mayEnter() && !grower.id().equals(leaving.id()));
        if (leaving.role() == Role.GROWER && !another) {
            throw new Refused("role", leaving.role(), "account.lastGrower", "called", leaving.name());
        }
    }

    private Account read(UUID id, int version) {
        Account account = accounts.findById(id).orElseThrow(NotFound.of("account"));
        Clash.check(account, version, view(account));
        return account;
    }

    /** As it stands once it is written, with its version. */
    private PersonView view(Account account) {
        accounts.flush();
        return views(List.of(account)).get(0);
    }

    private static PersonView.Standing standing(Account account) {
        if (account.ended()) {
            return PersonView.Standing.ENDED;
        }
        return account.invited() ? PersonView.Standing.INVITED : PersonView.Standing.HERE;
    }
}
