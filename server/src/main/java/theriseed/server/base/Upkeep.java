package theriseed.server.base;

import jakarta.persistence.EntityManager;
import java.time.Duration;
import java.time.Instant;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Configuration;
import org.springframework.scheduling.annotation.EnableScheduling;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Puts away, once an hour, what the program keeps for itself and does not need any longer. */
@Configuration(proxyBeanMethods = false)
@EnableScheduling
class Upkeep {
    private static final Logger LOG = LoggerFactory.getLogger(Upkeep.class);

    /** As long as a record may lie in a phone, and some weeks more. */
    private static final Duration ANSWERS_KEPT_FOR = Duration.ofDays(90);

    private final EntityManager database;
    private final TransactionTemplate transaction;

    Upkeep(EntityManager database, PlatformTransactionManager transactions) {
        this.database = database;
        this.transaction = new TransactionTemplate(transactions);
    }

    @Scheduled(initialDelay = 60_000, fixedDelay = 3_600_000)
    void putAway() {
        try {
            transaction.executeWithoutResult(begun -> {
                oldAnswers();
                putTogether();
            });
        } catch (RuntimeException failed) {
            // While the database is away nothing can be put away; the next hour comes.
            LOG.warn("Nothing was put away: {}", failed.getMessage());
        }
    }

    private void oldAnswers() {
        database.createQuery("delete from KeptAnswer where keptAt < :before")
                .setParameter("before", Instant.now().minus(ANSWERS_KEPT_FOR))
                .executeUpdate();
    }

    /** Many rows that count writes become one that counts as many; whoever adds them up meets the same sum. */
    void putTogether() {
        database.createNativeQuery("""
                        with gone as (
                            delete from record_change where at < now() - interval '1 minute' returning kind, writes, at)
                        insert into record_change (kind, writes, at)
                        select kind, sum(writes), max(at) from gone group by kind""").executeUpdate();
    }
}
