package theriseed.server.quality;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface CutRepository extends JpaRepository<CutRecord, UUID> {
    List<CutRecord> findByLotIdIn(Collection<UUID> lots);
}
