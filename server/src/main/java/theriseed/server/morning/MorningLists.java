package theriseed.server.morning;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import theriseed.core.day.DayCourse;
import theriseed.server.account.AccountView;
import theriseed.server.account.Accounts;
import theriseed.server.account.Role;
import theriseed.server.base.ByItself;
import theriseed.server.base.FarmTime;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.farm.FarmView;
import theriseed.server.farm.Farms;
import theriseed.server.mail.Addresses;
import theriseed.server.mail.Letter;
import theriseed.server.mail.Mail;
import theriseed.server.mail.NotSent;
import theriseed.server.morning.MorningListView.Read;
import theriseed.server.morning.MorningListView.Wish;
import theriseed.server.today.Task;
import theriseed.server.today.Tasks;
import theriseed.server.words.Reader;
import theriseed.server.words.Sentences;

/**
 * Sends the day's work to whoever wants it, at the hour they wish, on mornings on which something waits. A server that was
 * off then sends it within four hours; what was not taken is tried again every quarter of an hour as long.
 */
@Service
public class MorningLists {
    private static final Logger LOG = LoggerFactory.getLogger(MorningLists.class);
    private static final String BY = "morning list";

    private final MorningListRepository lists;
    private final Accounts accounts;
    private final Tasks tasks;
    private final Mail mail;
    private final Farms farms;
    private final FarmTime time;
    private final TransactionTemplate transaction;

    MorningLists(
            MorningListRepository lists,
            Accounts accounts,
            Tasks tasks,
            Mail mail,
            Farms farms,
            FarmTime time,
            PlatformTransactionManager transactions) {
        this.lists = lists;
        this.accounts = accounts;
        this.tasks = tasks;
        this.mail = mail;
        this.farms = farms;
        this.time = time;
        this.transaction = new TransactionTemplate(transactions);
    }

    /** Of somebody, and how it would read now. @param leadsTo the address under which they have the farm open */
    @ReadsOnly
    MorningListView of(String name, String leadsTo) {
        return new MorningListView(
                mail.sends(),
                lists.findById(name).map(MorningList::view).orElse(null),
                read(accounts.get(name), leadsTo));
    }

    @Transactional
    Wish wish(String name, String address, LocalTime at, String leadsTo) {
        if (!mail.sends()) {
            throw new Refused("address", address, "morning.noMail");
        }
        String whole = Addresses.check("address", address);
        MorningList list = lists.findById(name).orElseGet(() -> new MorningList(name, now(), at));
        list.wish(whole, at, leadsTo);
        return lists.saveAndFlush(list).view();
    }

    @Transactional
    void end(String name) {
        lists.deleteById(name);
    }

    /** Sends what is due. */
    @Scheduled(initialDelay = 30_000, fixedDelay = 60_000)
    public void look() {
        try {
            if (mail.sends()) {
                ByItself.as(BY, () -> {
                    lists.names().forEach(this::look);
                    return null;
                });
            }
        } catch (RuntimeException failed) {
            // While the database is away nobody can be told anything; the next minute comes.
            LOG.warn("No morning list was sent: {}", failed.getMessage());
        }
    }

    /** It stays locked until it is sent, so that of several servers only one does, and marked only when it was. */
    private void look(String name) {
        transaction.executeWithoutResult(begun -> {
            Instant instant = time.now();
            Optional<MorningList> due = lists.taken(name).filter(list -> list.due(now(), instant));
            Optional<AccountView> person = accounts.inside(name);
            if (due.isPresent() && person.isPresent()) {
                send(due.get(), person.get(), instant);
            }
        });
    }

    private void send(MorningList list, AccountView person, Instant instant) {
        Read read = read(person, list.leadsTo());
        try {
            if (read.waits() > 0) {
                mail.send(new Letter(list.address(), read.subject(), read.text()));
            }
            list.done(LocalDate.ofInstant(instant, time.zone()));
        } catch (NotSent failed) {
            LOG.warn("The morning list of {} was not sent: {}", person.name(), failed.getMessage());
            list.failed(instant, Sentences.say(Reader.ANYBODY, "refused.mail.notSent", failed.told()));
        }
    }

    private Read read(AccountView person, String leadsTo) {
        FarmView farm = farms.get();
        Reader reader = new Reader(Locale.forLanguageTag(person.locale()), person.units(), now());
        List<Task> open = tasks.open().tasks();
        return new MorningLetter(
                        farm.name(),
                        leadsTo,
                        DayCourse.of(farm.spot(), farm.climate(), time.today(), time.zone()),
                        person.role() == Role.VISITOR ? Task.ofNoCustomer(open) : open,
                        reader)
                .read();
    }

    private LocalDateTime now() {
        return LocalDateTime.ofInstant(time.now(), time.zone());
    }
}
