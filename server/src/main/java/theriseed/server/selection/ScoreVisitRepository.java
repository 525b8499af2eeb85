package theriseed.server.selection;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ScoreVisitRepository extends JpaRepository<ScoreVisit, UUID> {
    List<ScoreVisit> findByOfIdOrderByScoredOnAscIdAsc(UUID of);
}
