package theriseed.server.regeneration;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface VarietyDemandRepository extends JpaRepository<VarietyDemand, UUID> {
    List<VarietyDemand> findByVarietyIdIn(Collection<UUID> varieties);

    Optional<VarietyDemand> findByVarietyId(UUID variety);
}
