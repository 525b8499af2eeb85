package theriseed.server.bench;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import theriseed.core.bench.StepKind;

interface StepRepository extends JpaRepository<Step, UUID> {
    List<Step> findByLotIdInOrderByPlace(Collection<UUID> lots);

    boolean existsByLotId(UUID lot);

    /** Share of what went in that came out, of the steps of each kind after another, in these lots. */
    @Query(value = """
            select kind, before, share from (
                select s.kind, s.mass_out / s.mass_in as share,
                    lag(s.kind) over (partition by s.lot_id order by s.place) as before
                from step s where s.lot_id = any(:lots) and s.mass_out is not null) done
            """, nativeQuery = true)
    List<KindShare> shares(UUID[] lots);

    /** Share that a step of a kind let through, and the kind of step before it; none for the first. */
    interface KindShare {
        StepKind getKind();

        StepKind getBefore();

        double getShare();
    }

    /** The latest step of each kind, with a way or a screen told, in these lots. */
    @Query(value = """
            select distinct on (s.kind) s.* from step s
            where s.lot_id = any(:lots) and (s.way <> '' or s.hole is not null)
            order by s.kind, s.begun_at desc
            """, nativeQuery = true)
    List<Step> lastWays(UUID[] lots);
}
