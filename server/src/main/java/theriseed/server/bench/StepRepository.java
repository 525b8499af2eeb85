package theriseed.server.bench;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface StepRepository extends JpaRepository<Step, UUID> {
    List<Step> findByLotIdInOrderByPlace(Collection<UUID> lots);

    boolean existsByLotId(UUID lot);

    /** The latest step of each kind, with a way or a screen told, of other lots of a crop. */
    @Query(value = """
                    select distinct on (s.kind) s.* from step s
                    join lot l on l.id = s.lot_id
                    join variety v on v.id = l.variety_id
                    where v.crop_key = :crop and s.lot_id <> :lot and (s.way <> '' or s.hole is not null)
                    order by s.kind, s.begun_at desc
                    """, nativeQuery = true)
    List<Step> lastWays(String crop, UUID lot);
}
