package theriseed.server.lot;

import java.util.List;
import java.util.Map;
import java.util.UUID;
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

    /** Keeps whether lots are clean, by the state they were in when it was told; those that changed since are left out. */
    public void keepClean(Map<UUID, Boolean> byState) {
        try {
            apart.executeWithoutResult(transaction -> {
                for (boolean clean : List.of(true, false)) {
                    kept.keepClean(
                            byState.entrySet().stream()
                                    .filter(lot -> lot.getValue() == clean)
                                    .map(Map.Entry::getKey)
                                    .toArray(UUID[]::new),
                            clean);
                }
            });
        } catch (DataAccessException e) {
            LOG.warn("Which lots are clean was told and could not be kept: {}", e.getMessage());
        }
    }
}
