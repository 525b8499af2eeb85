package theriseed.server.selection;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ProgenyPlotRepository extends JpaRepository<ProgenyPlot, UUID> {
    List<ProgenyPlot> findByRowIdInOrderByBlockAsc(Collection<UUID> rows);
}
