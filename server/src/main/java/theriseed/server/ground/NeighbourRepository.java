package theriseed.server.ground;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface NeighbourRepository extends JpaRepository<Neighbour, UUID> {
    List<Neighbour> findBySeasonInAndRemovedFalseOrderByName(Collection<Integer> seasons);

    List<Neighbour> findByRemovedFalseOrderBySeasonAscNameAsc();
}
