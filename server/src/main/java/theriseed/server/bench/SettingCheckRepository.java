package theriseed.server.bench;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface SettingCheckRepository extends JpaRepository<SettingCheck, UUID> {
    @Query("""
            select c from SettingCheck c join Step s on s.id = c.stepId
            where s.lotId in :lots order by c.lookedOn, c.id""")
    List<SettingCheck> ofLots(Collection<UUID> lots);
}
