package theriseed.server.quality;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface WeevilLookRepository extends JpaRepository<WeevilLook, UUID> {
    List<WeevilLook> findByLotIdIn(Collection<UUID> lots);
}
