package theriseed.server.ripening;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface RipeningVisitRepository extends JpaRepository<RipeningVisit, UUID> {
    List<RipeningVisit> findByPlantingIdOrderByVisitedOnAscIdAsc(UUID planting);
}
