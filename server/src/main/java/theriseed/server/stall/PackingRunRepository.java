package theriseed.server.stall;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PackingRunRepository extends JpaRepository<PackingRun, UUID> {
    List<PackingRun> findByLotIdInOrderByPackedOnAscIdAsc(Collection<UUID> lots);
}
