package theriseed.server.season;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface SchemeRepository extends JpaRepository<Scheme, UUID> {
    List<Scheme> findBySeasonAndStateOrderByRecordedAt(int season, Scheme.State state);
}
