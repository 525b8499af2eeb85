package theriseed.server.selection;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ProgenyTrialRepository extends JpaRepository<ProgenyTrial, UUID> {
    List<ProgenyTrial> findByVarietyIdOrderByIdAsc(UUID variety);
}
