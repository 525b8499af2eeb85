package theriseed.server.quality;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface MoistureTestRepository extends JpaRepository<MoistureRecord, UUID> {
    List<MoistureRecord> findByLotIdIn(Collection<UUID> lots);
}
