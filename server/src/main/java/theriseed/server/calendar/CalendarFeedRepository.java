package theriseed.server.calendar;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface CalendarFeedRepository extends JpaRepository<CalendarFeed, UUID> {
    Optional<CalendarFeed> findBySecretAndRevokedFalse(String secret);

    List<CalendarFeed> findByRevokedFalseOrderByRecordedAt();
}
