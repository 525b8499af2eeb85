package theriseed.server.base;

import jakarta.persistence.EntityManager;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Records whose id was made in the rows arrive as often as the phone tries, and are kept once. */
@Component
public class Once {
    private final EntityManager database;

    Once(EntityManager database) {
        this.database = database;
    }

    /** The record that already exists under this id, or a new one; two that come at the same moment wait for each other. */
    @Transactional(propagation = Propagation.MANDATORY)
    public <T> T record(UUID id, Supplier<Optional<T>> standing, Supplier<T> make) {
        alone(database, id);
        return standing.get().orElseGet(make);
    }

    /** Waits until no other transaction works under this id; until this one ends, none will. */
    static void alone(EntityManager database, UUID id) {
        database.createNativeQuery("select 1 from pg_advisory_xact_lock(:id)", Integer.class)
                .setParameter("id", id.getMostSignificantBits() ^ id.getLeastSignificantBits())
                .getSingleResult();
    }
}
