package theriseed.server.pollination;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface CoverRepository extends JpaRepository<Cover, UUID> {
    List<Cover> findByPlantingIdInOrderByPutOnAscIdAsc(Collection<UUID> plantings);

    boolean existsByPlantingIdAndTagIgnoreCaseAndIdNot(UUID planting, String tag, UUID id);
}
