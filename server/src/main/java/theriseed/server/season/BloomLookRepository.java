package theriseed.server.season;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface BloomLookRepository extends JpaRepository<BloomLook, UUID> {
    List<BloomLook> findByPlantingIdOrderBySeenOnAscIdAsc(UUID planting);
}
