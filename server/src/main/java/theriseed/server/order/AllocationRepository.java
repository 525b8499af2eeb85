package theriseed.server.order;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface AllocationRepository extends JpaRepository<Allocation, UUID> {
    List<Allocation> findByOrderLineIdInOrderById(Collection<UUID> lines);

    List<Allocation> findByLotIdInAndSaleIdIsNull(Collection<UUID> lots);
}
