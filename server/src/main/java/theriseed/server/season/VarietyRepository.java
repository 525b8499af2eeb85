package theriseed.server.season;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;

interface VarietyRepository extends JpaRepository<Variety, UUID> {
    Page<Variety> findByNameContainingIgnoreCaseOrderByNameAscIdAsc(String typed, Pageable page);

    Optional<Variety> findByCropKeyAndNameIgnoreCase(String cropKey, String name);
}
