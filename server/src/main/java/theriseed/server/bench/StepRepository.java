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

    /** Share of what went in that came out, of the last steps of each kind after another in other lots of a crop. */
    @Query(value = """
                    select kind, before, share from (
                        select kind, before, share,
                            row_number() over (partition by kind, before order by begun_at desc) as back
                        from (
                            select s.kind, s.begun_at, s.mass_out / s.mass_in as share,
                                lag(s.kind) over (partition by s.lot_id order by s.place) as before
                            from step s
                            join lot l on l.id = s.lot_id
                            join variety v on v.id = l.variety_id
                            where v.crop_key = :crop and s.lot_id <> :lot and l.origin = 'PICKED'
                                and s.mass_out is not null) done) ranked
                    where back <= 100
                    """, nativeQuery = true)
    List<KindShare> shares(String crop, UUID lot);

    /** Share that a step of a kind let through, and the kind of step before it; none for the first. */
    interface KindShare {
        StepKind getKind();

        StepKind getBefore();

        double getShare();
    }

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
