package theriseed.server.harvest;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface HarvestRepository extends JpaRepository<Harvest, UUID> {
    List<Harvest> findByLotIdIn(Collection<UUID> lots);

    Optional<Harvest> findByLotId(UUID lot);
}
