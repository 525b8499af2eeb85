package theriseed.server.stand;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PlantCountRepository extends JpaRepository<PlantCount, UUID> {
    List<PlantCount> findByPlantingIdOrderByCountedOnAscIdAsc(UUID planting);
}
