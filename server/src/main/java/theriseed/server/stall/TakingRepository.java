package theriseed.server.stall;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface TakingRepository extends JpaRepository<Taking, UUID> {
    List<Taking> findByLotIdInOrderByTakenOnAscIdAsc(Collection<UUID> lots);

    boolean existsByLotId(UUID lot);
}
