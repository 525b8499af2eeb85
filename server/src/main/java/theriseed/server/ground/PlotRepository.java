package theriseed.server.ground;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PlotRepository extends JpaRepository<Plot, UUID> {
    /** Plot 2 before plot 10. */
    @Query("select p from Plot p where not p.removed order by length(p.name), p.name")
    List<Plot> findAllInOrder();

    /** Those taken off the map too: what once stood there still has its place. */
    @Query("select p from Plot p")
    List<Plot> findEvery();
}
