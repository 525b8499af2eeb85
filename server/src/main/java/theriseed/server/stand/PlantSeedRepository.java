package theriseed.server.stand;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PlantSeedRepository extends JpaRepository<PlantSeed, UUID> {
    List<PlantSeed> findByPlantingIdInOrderByIdAsc(Collection<UUID> plantings);

    boolean existsByPlantingIdAndPlantIgnoreCaseAndIdNot(UUID planting, String plant, UUID id);

    int countByPlantingId(UUID planting);
}
