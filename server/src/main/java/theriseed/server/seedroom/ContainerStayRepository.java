package theriseed.server.seedroom;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ContainerStayRepository extends JpaRepository<ContainerStay, UUID> {
    List<ContainerStay> findByContainerIdInOrderByMovedAtAscIdAsc(Collection<UUID> containers);
}
