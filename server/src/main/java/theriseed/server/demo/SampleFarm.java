package theriseed.server.demo;

import java.util.List;
import java.util.concurrent.atomic.AtomicReference;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.core.task.TaskExecutor;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import theriseed.server.account.Accounts;
import theriseed.server.account.Passwords;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.Refused;
import theriseed.server.export.FarmCopies;
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
    private final FarmCopies copies;
    private final TransactionTemplate transaction;
    private final TaskExecutor aside;
    private final AtomicReference<State> state = new AtomicReference<>(State.NONE);

    SampleFarm(
            MadeUpFarm madeUp,
            Farms farms,
            Accounts accounts,
            FarmCopies copies,
            PlatformTransactionManager transactions,
            @Qualifier("applicationTaskExecutor") TaskExecutor aside) {
        this.madeUp = madeUp;
        this.farms = farms;
        this.accounts = accounts;
        this.copies = copies;
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
        copies.takeOutAll();
    }
}
