package theriseed.server.ground;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface BedRepository extends JpaRepository<Bed, UUID> {
    /** Bed 2 before bed 10. */
    @Query("select b from Bed b where not b.removed order by length(b.name), b.name")
    List<Bed> findAllInOrder();

    List<Bed> findByPlotIdAndRemovedFalse(UUID plotId);
}
