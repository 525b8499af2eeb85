package theriseed.server.season;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.EntityGraph;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PlantingRepository extends JpaRepository<Planting, UUID> {
    @EntityGraph(attributePaths = "variety")
    List<Planting> findBySeasonIn(Collection<Integer> seasons);

    @EntityGraph(attributePaths = "variety")
    Optional<Planting> findWithVarietyById(UUID id);

    @EntityGraph(attributePaths = "variety")
    List<Planting> findByVarietyIdOrderBySeasonDesc(UUID varietyId);

    @Query("select distinct p.season from Planting p where p.id in :ids")
    List<Integer> seasonsOf(Collection<UUID> ids);

    @Query("select distinct p.season from Planting p order by p.season")
    List<Integer> seasons();
}
