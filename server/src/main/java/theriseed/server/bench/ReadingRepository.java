package theriseed.server.bench;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ReadingRepository extends JpaRepository<Reading, UUID> {
    List<Reading> findByStepIdInOrderByTakenAtAscIdAsc(Collection<UUID> steps);
}
