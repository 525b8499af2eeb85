package theriseed.server.bench;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface SettingCheckRepository extends JpaRepository<SettingCheck, UUID> {
    List<SettingCheck> findByStepIdInOrderByLookedOn(Collection<UUID> steps);
}
