package theriseed.server.lot;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.locks.Lock;
import java.util.concurrent.locks.ReentrantLock;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;
import theriseed.server.base.ReadsOnly;

/** All lots that ever were, for what counts and compares years. */
@Component
public class FilledLots {
    private static final Logger LOG = LoggerFactory.getLogger(FilledLots.class);

    private final LotKeptRepository kept;
    private final TransactionTemplate apart;

    /** It takes a connection beside that of whoever asks: taken by many at once, none would be left to go on with. */
    private final Lock keeping = new ReentrantLock();

    FilledLots(LotKeptRepository kept, PlatformTransactionManager transactions) {
        this.kept = kept;
        this.apart = new TransactionTemplate(transactions);
        apart.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
    }

    /** Those of a season and later ones, in no order. */
    @ReadsOnly
    public List<FilledLot> since(int season) {
        return kept.filled(season);
    }

    /**
     * Keeps whether lots are clean, by the state they were in when it was told; those that changed since are left out. One
     * does it at a time, and nobody waits: what is not kept now is told again by whoever asks next.
     */
    public void keepClean(Map<UUID, Boolean> byState) {
        if (!keeping.tryLock()) {
            return;
        }
        try {
            apart.executeWithoutResult(transaction -> List.of(true, false)
                    .forEach(clean -> kept.keepClean(
                            byState.entrySet().stream()
                                    .filter(lot -> lot.getValue().equals(clean))
                                    .map(Map.Entry::getKey)
                                    .toArray(UUID[]::new),
                            clean)));
        } catch (DataAccessException e) {
            LOG.warn("Which lots are clean was told and could not be kept: {}", e.getMessage());
        } finally {
            keeping.unlock();
        }
    }
}
