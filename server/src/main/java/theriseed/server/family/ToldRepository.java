package theriseed.server.family;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ToldRepository extends JpaRepository<Told, UUID> {
    List<Told> findByLotIdAndCustomerIdInAndUndoneFalseOrderByToldOnAscIdAsc(UUID lot, Collection<UUID> customers);
}
