package theriseed.server.quality;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface GrowOutRepository extends JpaRepository<GrowOutRecord, UUID> {
    List<GrowOutRecord> findByLotIdIn(Collection<UUID> lots);
}
