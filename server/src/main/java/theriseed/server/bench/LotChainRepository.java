package theriseed.server.bench;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface LotChainRepository extends JpaRepository<LotChain, UUID> {
    List<LotChain> findByLotIdIn(Collection<UUID> lots);

    Optional<LotChain> findByLotId(UUID lot);
}
