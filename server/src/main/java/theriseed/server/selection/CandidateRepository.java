package theriseed.server.selection;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface CandidateRepository extends JpaRepository<Candidate, UUID> {
    List<Candidate> findByPlantingIdOrderByIdAsc(UUID planting);

    List<Candidate> findByPlantingIdIn(Collection<UUID> plantings);

    boolean existsByPlantingIdAndTagIgnoreCase(UUID planting, String tag);
}
