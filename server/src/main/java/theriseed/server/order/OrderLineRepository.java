package theriseed.server.order;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface OrderLineRepository extends JpaRepository<OrderLine, UUID> {
    List<OrderLine> findBySeedOrderIdInOrderById(Collection<UUID> orders);
}
