package theriseed.server.bench;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface WashRepository extends JpaRepository<Wash, UUID> {
    Optional<Wash> findByStepId(UUID step);

    List<Wash> findByStepIdIn(Collection<UUID> steps);

    @Query("select count(w) from Wash w join Step s on s.id = w.stepId"
            + " where lower(w.batch) = lower(:batch) and s.begunAt < :before")
    int usedBefore(String batch, Instant before);

    Optional<Wash> findFirstByOrderByIdDesc();
}
