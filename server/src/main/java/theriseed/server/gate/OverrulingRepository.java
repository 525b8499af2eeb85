package theriseed.server.gate;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface OverrulingRepository extends JpaRepository<Overruling, UUID> {
    List<Overruling> findByLotIdInOrderByRecordedAtAscIdAsc(Collection<UUID> lots);
}
