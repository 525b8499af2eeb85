package theriseed.server.bench;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface StepRepository extends JpaRepository<Step, UUID> {
    List<Step> findByLotIdInOrderByPlace(Collection<UUID> lots);
}
