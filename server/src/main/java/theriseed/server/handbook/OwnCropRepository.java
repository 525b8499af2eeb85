package theriseed.server.handbook;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface OwnCropRepository extends JpaRepository<OwnCrop, UUID> {
    List<OwnCrop> findAllByOrderByKey();

    Optional<OwnCrop> findByKey(String key);
}
