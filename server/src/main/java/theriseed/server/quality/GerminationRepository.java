package theriseed.server.quality;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface GerminationRepository extends JpaRepository<GerminationRecord, UUID> {
    List<GerminationRecord> findByLotIdIn(Collection<UUID> lots);
}
