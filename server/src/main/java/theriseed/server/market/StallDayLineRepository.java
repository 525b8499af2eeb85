package theriseed.server.market;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface StallDayLineRepository extends JpaRepository<StallDayLine, UUID> {
    List<StallDayLine> findByStallDayIdInOrderById(Collection<UUID> days);

    List<StallDayLine> findByLotIdInAndReturnedIsNull(Collection<UUID> lots);

    boolean existsBySaleIdOrGiftSaleId(UUID sale, UUID gift);
}
