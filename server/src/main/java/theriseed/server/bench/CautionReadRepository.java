package theriseed.server.bench;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface CautionReadRepository extends JpaRepository<CautionRead, UUID> {
    List<CautionRead> findBySeasonAndRecordedByOrderByCaution(int season, String by);

    boolean existsBySeasonAndRecordedByAndCaution(int season, String by, String caution);
}
