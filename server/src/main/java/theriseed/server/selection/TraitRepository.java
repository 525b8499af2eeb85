package theriseed.server.selection;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface TraitRepository extends JpaRepository<Trait, UUID> {
    List<Trait> findByVarietyIdOrderByIdAsc(UUID variety);

    boolean existsByVarietyIdAndNameIgnoreCase(UUID variety, String name);
}
