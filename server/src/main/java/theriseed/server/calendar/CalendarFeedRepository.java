package theriseed.server.calendar;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface CalendarFeedRepository extends JpaRepository<CalendarFeed, UUID> {
    boolean existsByDigest(byte[] digest);

    boolean existsByDigestAndRevokedFalse(byte[] digest);

    List<CalendarFeed> findByRevokedFalseOrderByRecordedAt();

    List<CalendarFeed> findByRevokedFalseAndRecordedBy(String name);
}
