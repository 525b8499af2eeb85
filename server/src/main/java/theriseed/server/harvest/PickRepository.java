package theriseed.server.harvest;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PickRepository extends JpaRepository<Pick, UUID> {
    List<Pick> findByLotIdInOrderById(Collection<UUID> lots);

    @Query(value = """
                    select min(p.picked_on) from pick p join lot l on l.id = p.lot_id
                    where l.planting_id = :planting and l.origin = 'PICKED'
                    """, nativeQuery = true)
    Optional<LocalDate> firstOf(UUID planting);
}
