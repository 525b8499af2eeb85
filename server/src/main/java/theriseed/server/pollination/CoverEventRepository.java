package theriseed.server.pollination;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface CoverEventRepository extends JpaRepository<CoverEvent, UUID> {
    List<CoverEvent> findByCoverIdInAndTakenBackFalseOrderByFirstDayAscIdAsc(Collection<UUID> covers);

    List<CoverEvent> findByCoverIdIn(Collection<UUID> covers);
}
