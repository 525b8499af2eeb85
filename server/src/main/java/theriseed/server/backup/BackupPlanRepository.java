package theriseed.server.backup;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface BackupPlanRepository extends JpaRepository<BackupPlan, UUID> {
    Optional<BackupPlan> findFirstBy();
}
