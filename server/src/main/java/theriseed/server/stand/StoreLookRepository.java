package theriseed.server.stand;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface StoreLookRepository extends JpaRepository<StoreLook, UUID> {
    List<StoreLook> findByPlantingIdOrderBySeenOnAscIdAsc(UUID planting);

    List<StoreLook> findByPlantingIdAndIdNotOrderBySeenOnAscIdAsc(UUID planting, UUID id);
}
