package theriseed.server.stall;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface StockTakingLineRepository extends JpaRepository<StockTakingLine, UUID> {
    List<StockTakingLine> findByStockTakingIdInOrderById(Collection<UUID> withdrawals);
}
