package theriseed.server.ground;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PlotRepository extends JpaRepository<Plot, UUID> {
    List<Plot> findAllByOrderByName();
}
