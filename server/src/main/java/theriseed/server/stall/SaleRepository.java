package theriseed.server.stall;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.EntityGraph;
import org.springframework.data.jpa.repository.JpaRepository;

interface SaleRepository extends JpaRepository<Sale, UUID> {
    @EntityGraph(attributePaths = "customer")
    List<Sale> findByLotIdInOrderBySoldOnAscIdAsc(Collection<UUID> lots);

    @EntityGraph(attributePaths = "customer")
    List<Sale> findByIdIn(Collection<UUID> ids);

    @EntityGraph(attributePaths = "customer")
    Page<Sale> findAllByOrderBySoldOnDescIdDesc(Pageable page);
}
