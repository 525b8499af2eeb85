package theriseed.server.calendar;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface CalendarFeedRepository extends JpaRepository<CalendarFeed, UUID> {
    boolean existsByDigest(byte[] digest);

    Optional<CalendarFeed> findByDigestAndRevokedFalse(byte[] digest);

    List<CalendarFeed> findByRevokedFalseOrderByRecordedAt();

    List<CalendarFeed> findByRevokedFalseAndRecordedBy(String name);
}
