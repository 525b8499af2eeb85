package theriseed.server.stall;

import java.util.UUID;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;

interface StockTakingRepository extends JpaRepository<StockTaking, UUID> {
    Page<StockTaking> findAllByOrderByCountedOnDescIdDesc(Pageable page);
}
