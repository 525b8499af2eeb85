package theriseed.server.lot;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ArrivalRepository extends JpaRepository<Arrival, UUID> {
    List<Arrival> findByLotIdIn(Collection<UUID> lots);
}
