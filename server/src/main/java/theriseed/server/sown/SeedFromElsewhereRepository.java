package theriseed.server.sown;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface SeedFromElsewhereRepository extends JpaRepository<SeedFromElsewhere, UUID> {
    List<SeedFromElsewhere> findByPlantingIdInAndNeverSownFalseOrderBySownOnAscIdAsc(Collection<UUID> plantings);
}
