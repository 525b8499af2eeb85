package theriseed.server.bench;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface FarmChainRepository extends JpaRepository<FarmChain, UUID> {
    List<FarmChain> findByCropKeyOrderByName(String cropKey);

    boolean existsByCropKeyAndNameIgnoreCase(String cropKey, String name);
}
