package theriseed.server.letterhead;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface LetterheadRepository extends JpaRepository<Letterhead, UUID> {
    Optional<Letterhead> findFirstBy();
}
