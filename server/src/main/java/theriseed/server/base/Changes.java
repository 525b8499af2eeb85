package theriseed.server.base;

import jakarta.persistence.EntityManagerFactory;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicLong;
import org.hibernate.engine.spi.SessionFactoryImplementor;
import org.hibernate.event.service.spi.EventListenerRegistry;
import org.hibernate.event.spi.EventType;
import org.hibernate.event.spi.PostCommitDeleteEventListener;
import org.hibernate.event.spi.PostCommitInsertEventListener;
import org.hibernate.event.spi.PostCommitUpdateEventListener;
import org.hibernate.event.spi.PostDeleteEvent;
import org.hibernate.event.spi.PostInsertEvent;
import org.hibernate.event.spi.PostUpdateEvent;
import org.hibernate.persister.entity.EntityPersister;
import org.springframework.stereotype.Component;

/**
 * Counts every record that was written and committed by this program, which is the only one that writes. What was
 * reckoned from records is true as long as the count stands where it stood before they were read.
 */
@Component
public class Changes
        implements PostCommitInsertEventListener, PostCommitUpdateEventListener, PostCommitDeleteEventListener {
    private final Map<Class<?>, AtomicLong> written = new ConcurrentHashMap<>();
    private final AtomicLong past = new AtomicLong();

    Changes(EntityManagerFactory records) {
        EventListenerRegistry listeners = records.unwrap(SessionFactoryImplementor.class)
                .getServiceRegistry()
                .requireService(EventListenerRegistry.class);
        listeners.appendListeners(EventType.POST_COMMIT_INSERT, this);
        listeners.appendListeners(EventType.POST_COMMIT_UPDATE, this);
        listeners.appendListeners(EventType.POST_COMMIT_DELETE, this);
    }

    /** Of records of every kind. */
    public long count() {
        return past.get() + written.values().stream().mapToLong(AtomicLong::get).sum();
    }

    /** Of records of one kind, and of kinds derived from it. */
    public long count(Class<?> kind) {
        return past.get()
                + written.entrySet().stream()
                        .filter(each -> kind.isAssignableFrom(each.getKey()))
                        .mapToLong(each -> each.getValue().get())
                        .sum();
    }

    /** Notes that records of any kind were written past Hibernate. */
    public void notePast() {
        past.incrementAndGet();
    }

    private void note(Object record) {
        written.computeIfAbsent(record.getClass(), kind -> new AtomicLong()).incrementAndGet();
    }

    @Override
    public void onPostInsert(PostInsertEvent made) {
        note(made.getEntity());
    }

    @Override
    public void onPostUpdate(PostUpdateEvent changed) {
        note(changed.getEntity());
    }

    @Override
    public void onPostDelete(PostDeleteEvent gone) {
        note(gone.getEntity());
    }

    @Override
    public void onPostInsertCommitFailed(PostInsertEvent lost) {
        note(lost.getEntity());
    }

    @Override
    public void onPostUpdateCommitFailed(PostUpdateEvent lost) {
        note(lost.getEntity());
    }

    @Override
    public void onPostDeleteCommitFailed(PostDeleteEvent lost) {
        note(lost.getEntity());
    }

    @Override
    public boolean requiresPostCommitHandling(EntityPersister kind) {
        return true;
    }
}
