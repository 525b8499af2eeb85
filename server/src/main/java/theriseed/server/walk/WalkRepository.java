package theriseed.server.walk;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface WalkRepository extends JpaRepository<Walk, UUID> {
    List<Walk> findByPlantingIdInOrderByWalkedOnAscIdAsc(Collection<UUID> plantings);
}
