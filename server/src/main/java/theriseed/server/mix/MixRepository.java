package theriseed.server.mix;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import theriseed.core.lot.LotNumber;
import theriseed.server.base.NotFound;

interface MixRepository extends JpaRepository<Mix, UUID> {
    Optional<Mix> findByFolded(String folded);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    Optional<Mix> findForUpdateByFolded(String folded);

    /** The mix with this number, locked for whoever takes from it. */
    default Mix locked(String number) {
        return findForUpdateByFolded(LotNumber.read(number)).orElseThrow(NotFound.of("mix"));
    }

    Page<Mix> findAllByOrderByMixedOnDescNumberDesc(Pageable page);

    List<Mix> findByIdInOrderByNumber(Iterable<UUID> ids);
}
