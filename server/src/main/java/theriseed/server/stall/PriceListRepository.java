package theriseed.server.stall;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PriceListRepository extends JpaRepository<PriceList, UUID> {
    List<PriceList> findAllByOrderByName();

    Optional<PriceList> findByNameIgnoreCase(String name);
}
