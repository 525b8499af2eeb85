package theriseed.server.money;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface OutlayRepository extends JpaRepository<Outlay, UUID> {
    @Query("select o from Outlay o where o.plantingId in :plantings or o.lotId in :lots order by o.spentOn, o.id")
    List<Outlay> of(Collection<UUID> plantings, Collection<UUID> lots);
}
