package theriseed.server.farm;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface FarmRepository extends JpaRepository<Farm, UUID> {
    Optional<Farm> findFirstBy();
}
