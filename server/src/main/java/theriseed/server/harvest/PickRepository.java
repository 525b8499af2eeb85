package theriseed.server.harvest;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PickRepository extends JpaRepository<Pick, UUID> {
    List<Pick> findByLotIdInOrderById(Collection<UUID> lots);
}
