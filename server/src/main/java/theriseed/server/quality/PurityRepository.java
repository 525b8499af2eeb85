package theriseed.server.quality;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PurityRepository extends JpaRepository<PurityRecord, UUID> {
    List<PurityRecord> findByLotIdIn(Collection<UUID> lots);
}
