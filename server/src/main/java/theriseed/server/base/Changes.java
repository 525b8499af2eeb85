package theriseed.server.base;

import jakarta.persistence.EntityManager;
import jakarta.persistence.EntityManagerFactory;
import jakarta.persistence.metamodel.EntityType;
import java.util.Arrays;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import org.hibernate.Session;
import org.hibernate.SharedSessionContract;
import org.hibernate.engine.spi.SessionFactoryImplementor;
import org.hibernate.event.service.spi.EventListenerRegistry;
import org.hibernate.event.spi.EventType;
import org.hibernate.event.spi.PostDeleteEvent;
import org.hibernate.event.spi.PostDeleteEventListener;
import org.hibernate.event.spi.PostInsertEvent;
import org.hibernate.event.spi.PostInsertEventListener;
import org.hibernate.event.spi.PostUpdateEvent;
import org.hibernate.event.spi.PostUpdateEventListener;
import org.hibernate.jpa.HibernateHints;
import org.hibernate.persister.entity.AbstractEntityPersister;
import org.hibernate.persister.entity.EntityPersister;
import org.springframework.orm.jpa.EntityManagerFactoryUtils;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Knows up to when which kinds of records were written, by whatever has written them, and which this program is writing in
 * transactions that have not ended. What was calculated from records holds as long as none of their kinds was written. The
 * database itself counts, so that another server, a correction by hand and a backup put back are seen as well.
 */
@Component
public class Changes implements PostInsertEventListener, PostUpdateEventListener, PostDeleteEventListener {
    private final EntityManagerFactory records;
    private final EntityManager database;

    /** What each transaction that has not ended has written; a transaction is known by its session. */
    private final Map<SharedSessionContract, Set<Class<?>>> underWay =
            Collections.synchronizedMap(new IdentityHashMap<>());

    Changes(EntityManagerFactory records, EntityManager database) {
        this.records = records;
        this.database = database;
        EventListenerRegistry listeners = records.unwrap(SessionFactoryImplementor.class)
                .getServiceRegistry()
                .requireService(EventListenerRegistry.class);
        listeners.appendListeners(EventType.POST_INSERT, this);
        listeners.appendListeners(EventType.POST_UPDATE, this);
        listeners.appendListeners(EventType.POST_DELETE, this);
    }

    /** Records of these kinds, and of kinds derived from them. */
    public Kinds of(Class<?>... kinds) {
        return new Kinds(List.of(kinds));
    }

    /** The kinds of records that something was calculated from. */
    public final class Kinds {
        private final List<Class<?>> kinds;
        private String[] tables;

        private Kinds(List<Class<?>> kinds) {
            this.kinds = kinds;
        }

        /** These kinds and others. */
        public Kinds and(Kinds... others) {
            return new Kinds(Stream.concat(Stream.of(this), Arrays.stream(others))
                    .flatMap(each -> each.kinds.stream())
                    .distinct()
                    .toList());
        }

        /** Says how much of them was written, and when last; another when any was written since. */
        String state() {
            return (String) database.createNativeQuery(
                            "select coalesce(sum(writes), 0) || ' ' || coalesce(max(at)::text, '') from record_change"
                                    + " where kind = any(cast(:tables as text[]))",
                            String.class)
                    .setParameter("tables", tables())
                    .setHint(HibernateHints.HINT_NATIVE_SPACES, List.of())
                    .getSingleResult();
        }

        /** The names of their tables. */
        private String[] tables() {
            if (tables == null) {
                tables = records.getMetamodel().getEntities().stream()
                        .filter(entity -> includes(entity.getJavaType()))
                        .map(kind -> table(records, kind))
                        .toArray(String[]::new);
            }
            return tables;
        }

        /** Whether a transaction that has not ended, this one or another, has written one. */
        boolean beingWritten() {
            flush();
            synchronized (underWay) {
                return underWay.values().stream().flatMap(Set::stream).anyMatch(this::includes);
            }
        }

        private boolean includes(Class<?> record) {
            return record == Object.class || kinds.stream().anyMatch(kind -> kind.isAssignableFrom(record));
        }
    }

    /** Notes that the transaction writes records of any kind past Hibernate. */
    public void notePast() {
        EntityManager here = EntityManagerFactoryUtils.getTransactionalEntityManager(records);
        note(here.unwrap(Session.class), Object.class);
    }

    /** What this transaction has changed is known only once it was sent to the database. */
    private void flush() {
        if (TransactionSynchronizationManager.isActualTransactionActive()
                && !TransactionSynchronizationManager.isCurrentTransactionReadOnly()) {
            EntityManager here = EntityManagerFactoryUtils.getTransactionalEntityManager(records);
            if (here != null) {
                here.flush();
            }
        }
    }

    private void note(SharedSessionContract transaction, Class<?> kind) {
        underWay.computeIfAbsent(transaction, begun -> {
                    TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
                        @Override
                        public void afterCompletion(int status) {
                            ended(begun);
                        }
                    });
                    return ConcurrentHashMap.newKeySet();
                })
                .add(kind);
    }

    private void ended(SharedSessionContract transaction) {
        underWay.remove(transaction);
    }

    /** The name of the table that records of this kind are kept in. */
    public static String table(EntityManagerFactory records, EntityType<?> kind) {
        AbstractEntityPersister described = (AbstractEntityPersister) records.unwrap(SessionFactoryImplementor.class)
                .getMappingMetamodel()
                .getEntityDescriptor(kind.getJavaType());
        return described.getTableName();
    }

    @Override
    public void onPostInsert(PostInsertEvent made) {
        note(made.getSession(), made.getEntity().getClass());
    }

    @Override
    public void onPostUpdate(PostUpdateEvent changed) {
        note(changed.getSession(), changed.getEntity().getClass());
    }

    @Override
    public void onPostDelete(PostDeleteEvent gone) {
        note(gone.getSession(), gone.getEntity().getClass());
    }

    @Override
    public boolean requiresPostCommitHandling(EntityPersister kind) {
        return false;
    }
}
