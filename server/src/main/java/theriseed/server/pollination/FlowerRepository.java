package theriseed.server.pollination;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface FlowerRepository extends JpaRepository<Flower, UUID> {
    List<Flower> findByPlantingIdOrderByPollinatedAtAscIdAsc(UUID planting);

    List<Flower> findByPlantingIdInAndTookIsNull(Collection<UUID> plantings);

    boolean existsByPlantingIdAndTagIgnoreCaseAndIdNot(UUID planting, String tag, UUID id);
}
