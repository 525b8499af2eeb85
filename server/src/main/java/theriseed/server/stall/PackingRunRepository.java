package theriseed.server.stall;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

interface PackingRunRepository extends JpaRepository<PackingRun, UUID> {
    List<PackingRun> findByLotIdInOrderByPackedOnAscIdAsc(Collection<UUID> lots);

    boolean existsByLotId(UUID lot);

    List<PackingRun> findByLotIdInOrderByPackedOnDescIdDesc(Collection<UUID> lots, Limit limit);

    List<PackingRun> findAllByOrderByPackedOnDescIdDesc(Limit limit);
}
