package theriseed.server.selection;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ProgenyRowRepository extends JpaRepository<ProgenyRow, UUID> {
    List<ProgenyRow> findByTrialIdInOrderByNumberAsc(Collection<UUID> trials);
}
