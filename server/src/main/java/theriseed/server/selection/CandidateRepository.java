package theriseed.server.selection;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface CandidateRepository extends JpaRepository<Candidate, UUID> {
    List<Candidate> findByPlantingIdOrderByIdAsc(UUID planting);

    List<Candidate> findByPlantingIdIn(Collection<UUID> plantings);

    /** Marked plants and fruits of these plantings that nobody decided against. */
    @Query(
            "select c from Candidate c where c.plantingId in :plantings and (c.chosen is null or c.chosen) order by c.id")
    List<Candidate> markedFor(Collection<UUID> plantings);

    boolean existsByPlantingIdAndTagIgnoreCase(UUID planting, String tag);
}
