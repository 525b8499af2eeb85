package theriseed.server.today;

import jakarta.persistence.EntityManager;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import theriseed.server.base.FarmTime;
import theriseed.server.base.Maybe;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Roles;

/** Whether the backups that are made once a day are being made. */
@Service
class Backups {
    /** The machine may have been off for a day, and a backup may have failed once. */
    private static final Duration OLD = Duration.ofDays(3);

    private final EntityManager database;
    private final FarmTime time;
    private final boolean madeHere;

    Backups(EntityManager database, FarmTime time, @Value("${theriseed.backups}") boolean madeHere) {
        this.database = database;
        this.time = time;
        this.madeHere = madeHere;
    }

    /** @param lastGood absent when there never was one */
    record TooOld(@Maybe LocalDateTime lastGood) {}

    /** Says that the latest good backup is too old; to those who work here, where backups are made at all. */
    @ReadsOnly
    Optional<TooOld> tooOld() {
        if (!madeHere || Roles.onlyLooks()) {
            return Optional.empty();
        }
        Instant now = Instant.now();
        Instant last = (Instant) database.createNativeQuery("select max(made_at) from backup_made", Instant.class)
                .getSingleResult();
        Instant since = last != null
                ? last
                : (Instant) database.createNativeQuery("select min(recorded_at) from farm", Instant.class)
                        .getSingleResult();
        return since == null || since.isAfter(now.minus(OLD))
                ? Optional.empty()
                : Optional.of(new TooOld(last == null ? null : LocalDateTime.ofInstant(last, time.zone())));
    }
}
