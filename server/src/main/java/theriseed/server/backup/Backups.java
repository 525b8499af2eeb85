package theriseed.server.backup;

import jakarta.persistence.EntityManager;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.server.backup.BackupsView.EventView;
import theriseed.server.backup.BackupsView.What;
import theriseed.server.base.Changed;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.FarmTime;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.Maybe;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Roles;
import theriseed.server.base.Stamps;

/**
 * How backups are made, and what came of them. They are made by whoever started the program ({@code ./start}), who reads
 * the plan and writes down what came of it.
 */
@Service
public class Backups {
    /** Beyond twice the time between two, and this: the machine may have been off, and one may have failed. */
    private static final Duration OLD = Duration.ofDays(1);

    private static final int SHOWN = 30;

    private final EntityManager database;
    private final BackupPlanRepository plans;
    private final Corrections corrections;
    private final Stamps stamps;
    private final FarmTime time;
    private final boolean madeHere;
    private final Path asked;

    Backups(
            EntityManager database,
            BackupPlanRepository plans,
            Corrections corrections,
            Stamps stamps,
            FarmTime time,
            @Value("${theriseed.backups}") boolean madeHere,
            @Value("${theriseed.home:.farm}") Path home) {
        this.database = database;
        this.plans = plans;
        this.corrections = corrections;
        this.stamps = stamps;
        this.time = time;
        this.madeHere = madeHere;
        this.asked = home.resolve("asked").resolve("backup");
    }

    /**
     * @param lastGood absent when there never was one
     * @param elsewhere whether it is only the copy on the other disk that is too old
     */
    public record TooOld(@Maybe LocalDateTime lastGood, boolean elsewhere) {}

    @GrowersWork
    @Transactional(readOnly = true)
    BackupsView all() {
        List<Object[]> events = database.createNativeQuery(
                        "select at, what, good, file, bytes, seconds, said from backup_event order by at desc",
                        Object[].class)
                .setMaxResults(SHOWN)
                .getResultList();
        return new BackupsView(
                madeHere,
                planned(),
                plans.findFirstBy().map(BackupPlan::version).orElse(Clash.NONE),
                Files.exists(asked),
                events.stream().map(this::event).toList());
    }

    private BackupFacts planned() {
        return plans.findFirstBy().map(BackupPlan::facts).orElse(BackupFacts.USUAL);
    }

    private EventView event(Object[] row) {
        return new EventView(
                LocalDateTime.ofInstant((Instant) row[0], time.zone()),
                What.valueOf((String) row[1]),
                (Boolean) row[2],
                (String) row[3],
                (Long) row[4],
                (Integer) row[5],
                (String) row[6]);
    }

    /** Says how they are made, or says it otherwise. */
    @GrowersWork
    @Transactional
    BackupsView plan(Changed made, BackupFacts facts) {
        checkMadeHere();
        BackupPlan there = plans.findFirstBy().orElse(null);
        Clash.check(there == null ? Clash.NONE : there.version(), made.from(), all());
        if (there == null) {
            plans.saveAndFlush(new BackupPlan(facts, stamps.now()));
        } else {
            Map<String, Object> before = there.correctable();
            there.change(facts);
            corrections.keep("backup_plan", there.id(), before, there.correctable(), made.because());
            plans.saveAndFlush(there);
        }
        return all();
    }

    /** Asks for one now. */
    @GrowersWork
    @Transactional(readOnly = true)
    BackupsView ask() {
        checkMadeHere();
        try {
            if (!Files.exists(asked)) {
                Files.createFile(asked);
            }
        } catch (IOException notHere) {
            throw new UncheckedIOException(notHere);
        }
        return all();
    }

    private void checkMadeHere() {
        if (!madeHere) {
            throw new Refused("backups", "this farm", "backup.notMadeHere");
        }
    }

    /**
     * Says that the latest good backup is too old; to those who work here, where backups are made at all. What was found to
     * be no good when it was put back on trial speaks against all before it.
     */
    @ReadsOnly
    public Optional<TooOld> tooOld() {
        if (!madeHere || Roles.onlyLooks()) {
            return Optional.empty();
        }
        BackupFacts plan = planned();
        Instant old = Instant.now().minus(OLD.plus(Duration.ofHours(2L * plan.everyHours())));
        Instant made = instant("""
                select max(at) from backup_event where what = 'MADE' and good and at > coalesce(
                    (select max(at) from backup_event where what = 'TRIED' and not good), '-infinity')""");
        Instant begun = instant("select min(recorded_at) from farm");
        if (begun != null && begun.isBefore(old) && (made == null || made.isBefore(old))) {
            return Optional.of(tooOld(made, false));
        }
        Instant planned = instant("select min(recorded_at) from backup_plan");
        Instant copied = instant("select max(at) from backup_event where what = 'ELSEWHERE' and good");
        boolean missing =
                !plan.elsewhere().isEmpty() && planned.isBefore(old) && (copied == null || copied.isBefore(old));
        return missing ? Optional.of(tooOld(copied, true)) : Optional.empty();
    }

    private TooOld tooOld(Instant last, boolean elsewhere) {
        return new TooOld(last == null ? null : LocalDateTime.ofInstant(last, time.zone()), elsewhere);
    }

    private Instant instant(String query) {
        return (Instant) database.createNativeQuery(query, Instant.class).getSingleResult();
    }
}
