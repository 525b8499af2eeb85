package theriseed.server.money;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface ByProductSaleRepository extends JpaRepository<ByProductSale, UUID> {
    @Query("select s from ByProductSale s where s.plantingId in :plantings or s.lotId in :lots order by s.soldOn, s.id")
    List<ByProductSale> of(Collection<UUID> plantings, Collection<UUID> lots);
}
