package theriseed.server.stall;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface LotsHereRepository extends Repository<PackingRun, UUID> {
    /**
     * Lots of which less was taken than there was when they were last weighed, so those at the bench too, or whose
     * packets did not all go; those a test is on of; and those of lately that nothing was picked into yet. Newest first.
     */
    @Query(value = """
                    select l.id from lot l
                    where l.season >= :since and (
                        coalesce(
                            (select s.mass_out from step s where s.lot_id = l.id and s.mass_out is not null
                                order by s.place desc limit 1),
                            (select sum(p.mass) from pick p where p.lot_id = l.id),
                            (select sum(p.mass) from pour p where p.to_lot_id = l.id))
                        > coalesce((select sum(p.mass) from pour p where p.from_lot_id = l.id), 0)
                            + coalesce((select sum(r.bulk_before - r.bulk_after) from packing_run r
                                where r.lot_id = l.id), 0)
                            + coalesce((select sum(s.bulk) from sale s where s.lot_id = l.id), 0)
                            + coalesce((select sum(t.mass) from taking t where t.lot_id = l.id), 0)
                        or (select sum(r.packets) from packing_run r where r.lot_id = l.id)
                        > coalesce((select sum(s.packets) from sale s where s.lot_id = l.id), 0)
                            + coalesce((select sum(t.packets) from taking t where t.lot_id = l.id), 0)
                        or exists (select 1 from germination_test g
                            where g.lot_id = l.id and g.counted_on is null and g.spoilt is null)
                        or l.season >= :lately
                            and not exists (select 1 from pick p where p.lot_id = l.id)
                            and not exists (select 1 from pour p where p.to_lot_id = l.id))
                    order by l.season desc, l.number
                    """, nativeQuery = true)
    List<UUID> since(int since, int lately);

    /** Lots that anything was ever in, newest first. */
    @Query(value = """
                    select l.id from lot l
                    where l.season >= :since
                        and (exists (select 1 from pick p where p.lot_id = l.id)
                            or exists (select 1 from pour p where p.to_lot_id = l.id))
                    order by l.season desc, l.number
                    """, nativeQuery = true)
    List<UUID> filled(int since);
}
