package theriseed.server.lot;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/**
 * Walks from lot to lot: through what was transferred, and through plantings that were sown with one and gave another. Each lot
 * is looked up by its id as it is come to, so that a walk costs what it finds and not what the farm has.
 */
interface FamilyRepository extends Repository<Lot, UUID> {
    /** These lots, and all that their seed came of. */
    @Query(value = """
                    with recursive up (lot) as (
                        select unnest(cast(:lots as uuid[]))
                        union
                        select before.lot from up cross join lateral (
                            select p.from_lot_id as lot from transfer p where p.to_lot_id = up.lot
                            union all
                            select t.lot_id from lot l join withdrawal t on t.planting_id = l.planting_id
                            where l.id = up.lot and l.origin = 'PICKED' and (t.mass > 0 or t.packets > 0)) before)
                    select lot from up
                    """, nativeQuery = true)
    List<UUID> above(UUID[] lots);

    /** These lots, and all that came of their seed. */
    @Query(value = """
                    with recursive down (lot) as (
                        select unnest(cast(:lots as uuid[]))
                        union
                        select after.lot from down cross join lateral (
                            select p.to_lot_id as lot from transfer p where p.from_lot_id = down.lot
                            union all
                            select l.id from withdrawal t join lot l on l.planting_id = t.planting_id
                            where t.lot_id = down.lot and l.origin = 'PICKED' and (t.mass > 0 or t.packets > 0)) after)
                    select lot from down
                    """, nativeQuery = true)
    List<UUID> below(UUID[] lots);

    /** What of these lots was sown, and what of any lot was sown in these plantings. */
    @Query(value = """
                    select t.lot_id as "lotId", t.planting_id as "plantingId", t.taken_on as "sownOn",
                        coalesce(t.mass, t.packets * r.fill) as "mass"
                    from withdrawal t left join packing_run r on r.id = t.packing_run_id
                    where t.planting_id is not null and (t.mass > 0 or t.packets > 0)
                        and (t.lot_id = any(:lots) or t.planting_id = any(:plantings))
                    order by t.taken_on, t.id
                    """, nativeQuery = true)
    List<Sown> sown(UUID[] lots, UUID[] plantings);

    /** Seed of a lot that was sown in a planting. */
    interface Sown {
        UUID getLotId();

        UUID getPlantingId();

        LocalDate getSownOn();

        BigDecimal getMass();
    }

    /** Which of these lots were grown by somebody else. */
    @Query(value = "select lot_id from arrival where lot_id = any(:lots) and way <> 'BEFORE'", nativeQuery = true)
    List<UUID> cameFromElsewhere(UUID[] lots);

    /** Which of these plantings were sown with seed from elsewhere. */
    @Query(value = """
                    select distinct e.planting_id from seed_from_elsewhere e
                    where e.planting_id = any(:plantings) and not e.never_sown
                    """, nativeQuery = true)
    List<UUID> fromElsewhere(UUID[] plantings);
}
