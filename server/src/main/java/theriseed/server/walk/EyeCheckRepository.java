package theriseed.server.walk;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface EyeCheckRepository extends JpaRepository<EyeCheck, UUID> {
    List<EyeCheck> findAllByOrderByCheckedOnDescIdDesc();
}
