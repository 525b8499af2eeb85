package theriseed.server.mix;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;
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

    /** Those in whose number and name all the patterns are found, newest first. */
    @Query(value = """
                    select * from mix where lower(number || ' ' || name) like all(:patterns)
                    order by mixed_on desc, number desc""", nativeQuery = true)
    List<Mix> searched(String[] patterns, Limit limit);

    /** Those of which packets are left, by name. */
    @Query("""
                    select m from Mix m where
                        (select coalesce(sum(p.packets), 0) from MixPacking p where p.mixId = m.id)
                        > (select coalesce(sum(s.packets), 0) from MixSale s where s.mixId = m.id)
                    order by m.name, m.number""")
    List<Mix> packed();

    List<Mix> findByIdInOrderByNumber(Iterable<UUID> ids);
}
