package theriseed.server.stall;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ListPriceRepository extends JpaRepository<ListPrice, UUID> {
    List<ListPrice> findByPriceNotNull();

    List<ListPrice> findByPriceListId(UUID priceListId);
}
