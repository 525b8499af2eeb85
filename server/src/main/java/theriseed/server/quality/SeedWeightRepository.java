package theriseed.server.quality;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface SeedWeightRepository extends JpaRepository<SeedWeightRecord, UUID> {
    List<SeedWeightRecord> findByLotIdIn(Collection<UUID> lots);
}
