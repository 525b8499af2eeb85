package theriseed.server.walk;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface RingRepository extends JpaRepository<SuspectRing, UUID> {
    List<SuspectRing> findByPlantingIdInOrderById(Collection<UUID> plantings);
}
