package theriseed.server.lot;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface TransferRepository extends JpaRepository<Transfer, UUID> {
    @Query("select p from Transfer p where p.fromLotId in :lots or p.toLotId in :lots order by p.transferredOn, p.id")
    List<Transfer> ofLots(Collection<UUID> lots);

    /**
     * The lots that seed of these came from, at any distance, and that came of no others: picked, or come from elsewhere; such
     * a lot is its own. The database takes far
     * more lots to be above than there are and would read all lots of the farm: offset has it look up each by its id.
     */
    @Query(value = """
                    with recursive up (lot, parent) as (
                        select id, id from lot where id in (:lots)
                        union
                        select up.lot, p.from_lot_id from up join transfer p on p.to_lot_id = up.parent)
                    select up.lot as "lotId", l.id as "pickedId", l.planting_id as "plantingId"
                    from up cross join lateral (select * from lot where id = up.parent offset 0) l
                    where l.origin in ('PICKED', 'ELSEWHERE')
                    order by l.number
                    """, nativeQuery = true)
    List<Picked> picked(Collection<UUID> lots);

    /** A picked lot that seed of a lot came from. */
    interface Picked {
        UUID getLotId();

        UUID getPickedId();

        UUID getPlantingId();
    }

    /** The lots that these were parted from, up to where seed was picked or blended: the same seed until that day. */
    @Query(value = """
                    with recursive up (lot, parent, until) as (
                        select l.id, p.from_lot_id, p.transferred_on
                        from lot l join transfer p on p.to_lot_id = l.id
                        where l.id in (:lots) and l.origin = 'PART'
                        union
                        select up.lot, p.from_lot_id, least(up.until, p.transferred_on)
                        from up join lot l on l.id = up.parent join transfer p on p.to_lot_id = l.id
                        where l.origin = 'PART')
                    select lot as "lotId", parent as "parentId", until as "until" from up
                    """, nativeQuery = true)
    List<Whole> wholes(Collection<UUID> lots);

    /** All that seed of these lots came of, each until it was transferred on. */
    @Query(value = """
                    with recursive up (lot, parent, until) as (
                        select p.to_lot_id, p.from_lot_id, p.transferred_on from transfer p where p.to_lot_id in (:lots)
                        union
                        select up.lot, p.from_lot_id, least(up.until, p.transferred_on)
                        from up join transfer p on p.to_lot_id = up.parent)
                    select lot as "lotId", parent as "parentId", until as "until" from up
                    """, nativeQuery = true)
    List<Whole> cameOf(Collection<UUID> lots);

    /** A lot that another was parted from, the same seed until a day. */
    interface Whole {
        UUID getLotId();

        UUID getParentId();

        LocalDate getUntil();
    }

    /** A lot, and all that seed of it came of. */
    @Query(value = """
                    with recursive up (lot) as (
                        select cast(:lot as uuid)
                        union
                        select p.from_lot_id from up join transfer p on p.to_lot_id = up.lot)
                    select lot from up
                    """, nativeQuery = true)
    List<UUID> above(UUID lot);

    /** These lots, and all that came of them. */
    @Query(value = """
                    with recursive down (lot) as (
                        select id from lot where id in (:lots)
                        union
                        select p.to_lot_id from down join transfer p on p.from_lot_id = down.lot)
                    select lot from down
                    """, nativeQuery = true)
    List<UUID> below(Collection<UUID> lots);

    @Query("select p.fromLotId from Transfer p where p.toLotId = :lot")
    List<UUID> from(UUID lot);

    boolean existsByFromLotId(UUID lot);
}
