package theriseed.server.ground;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface BarrierRepository extends JpaRepository<BarrierOnGround, UUID> {
    List<BarrierOnGround> findByRemovedFalseOrderByName();
}
