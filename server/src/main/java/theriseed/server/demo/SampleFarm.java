package theriseed.server.demo;

import jakarta.persistence.EntityManager;
import java.util.List;
import java.util.concurrent.atomic.AtomicReference;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.core.task.TaskExecutor;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;
import theriseed.server.account.Accounts;
import theriseed.server.account.Passwords;
import theriseed.server.base.Changes;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.Refused;
import theriseed.server.farm.FarmClock;
import theriseed.server.farm.FarmView;
import theriseed.server.farm.Farms;

/**
 * The made-up farm in a database that is to hold a farm of one's own: to look into before, and to be thrown away. It is made
 * while its reader waits, all of it or nothing.
 */
@Service
class SampleFarm {
    private static final Logger LOG = LoggerFactory.getLogger(SampleFarm.class);

    private final MadeUpFarm madeUp;
    private final Farms farms;
    private final Accounts accounts;
    private final FarmClock time;
    private final Changes changes;
    private final EntityManager database;
    private final TransactionTemplate transaction;
    private final TaskExecutor aside;
    private final AtomicReference<State> state = new AtomicReference<>(State.NONE);

    SampleFarm(
            MadeUpFarm madeUp,
            Farms farms,
            Accounts accounts,
            FarmClock time,
            Changes changes,
            EntityManager database,
            PlatformTransactionManager transactions,
            @Qualifier("applicationTaskExecutor") TaskExecutor aside) {
        this.madeUp = madeUp;
        this.farms = farms;
        this.accounts = accounts;
        this.time = time;
        this.changes = changes;
        this.database = database;
        this.transaction = new TransactionTemplate(transactions);
        this.aside = aside;
    }

    /** How far it is. */
    enum State {
        NONE,
        MAKING,
        THERE,
        FAILED
    }

    State state() {
        return farms.find().filter(FarmView::sample).isPresent() ? State.THERE : state.get();
    }

    /** Begins to make it. @param password of its grower, and of its other two */
    State make(String password) {
        if (!accounts.none()) {
            throw new Refused("farm", "a sample farm", "account.firstGrowerThere");
        }
        Passwords.check(password, List.of(MadeUpFarm.GROWER, "theriseed"));
        if (state.getAndSet(State.MAKING) != State.MAKING) {
            aside.execute(() -> state.set(made(password)));
        }
        return State.MAKING;
    }

    private State made(String password) {
        try {
            transaction.executeWithoutResult(begun -> {
                madeUp.make(name -> password);
                farms.isSample();
            });
            return State.NONE;
        } catch (RuntimeException failed) {
            LOG.error("The sample farm could not be made", failed);
            return State.FAILED;
        }
    }

    /** Leaves nothing of it, nor of its people. @throws Refused where the farm is somebody's own */
    @GrowersWork
    @Transactional
    void throwAway() {
        FarmView farm = farms.get();
        if (!farm.sample()) {
            throw new Refused("farm", farm.name(), "farm.noSample");
        }
        changes.notePast();
        database.flush();
        database.createNativeQuery("""
                        select 'truncate ' || string_agg(quote_ident(table_name), ', ') from information_schema.tables
                        where table_schema = current_schema() and table_type = 'BASE TABLE'
                            and table_name not in ('flyway_schema_history', 'record_change')""", String.class)
                .getResultList()
                .forEach(all -> database.createNativeQuery((String) all).executeUpdate());
        database.clear();
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCompletion(int status) {
                time.lookAgain();
            }
        });
    }
}
