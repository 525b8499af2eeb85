package theriseed.server.base;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface CorrectionRepository extends JpaRepository<Correction, UUID> {
    List<Correction> findBySubjectIdInOrderByRecordedAtDescIdDesc(Collection<UUID> subjects);
}
