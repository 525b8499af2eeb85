package theriseed.server.money;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface WorkDoneRepository extends JpaRepository<WorkDone, UUID> {
    @Query("select w from WorkDone w where w.plantingId in :plantings or w.lotId in :lots order by w.doneOn, w.id")
    List<WorkDone> of(Collection<UUID> plantings, Collection<UUID> lots);
}
