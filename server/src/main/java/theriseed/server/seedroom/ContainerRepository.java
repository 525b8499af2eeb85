package theriseed.server.seedroom;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface ContainerRepository extends JpaRepository<Container, UUID> {
    List<Container> findByLotIdInOrderByNumber(Collection<UUID> lots);

    @Query("select coalesce(max(c.number), 0) from Container c where c.lotId = :lot")
    int lastNumber(UUID lot);
}
