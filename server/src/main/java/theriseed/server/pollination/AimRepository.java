package theriseed.server.pollination;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface AimRepository extends JpaRepository<PollinationAim, UUID> {
    Optional<PollinationAim> findByPlantingId(UUID planting);
}
