package theriseed.server.lot;

import jakarta.persistence.LockModeType;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface LotRepository extends JpaRepository<Lot, UUID> {
    /** Many at once: as a list of parameters each number of them would be a question of its own. */
    @Query(value = "select * from lot where id = any(:ids)", nativeQuery = true)
    List<Lot> findByIds(UUID[] ids);

    Optional<Lot> findByFolded(String folded);

    List<Lot> findByFoldedIn(Collection<String> folded);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select l from Lot l where l.folded = :folded")
    Optional<Lot> lockByFolded(String folded);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select l from Lot l where l.folded in :folded order by l.number")
    List<Lot> lockAllByFolded(Collection<String> folded);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select l from Lot l where l.id in :ids order by l.number")
    List<Lot> lockAllById(Collection<UUID> ids);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select l from Lot l where l.varietyId in :varieties order by l.number")
    List<Lot> lockAllByVariety(Collection<UUID> varieties);

    Page<Lot> findAllByOrderBySeasonDescNumberAsc(Pageable page);

    @Query("select l.id from Lot l order by l.season desc, l.number")
    List<UUID> ids();

    @Query("select l from Lot l where l.folded like concat('%', :signs, '%') order by l.season desc, l.number")
    List<Lot> holding(String signs, Limit limit);

    /** Those with exactly this number but for its last character, then those that begin so; newest first. */
    @Query("select l from Lot l where l.number like :exactly or l.number like :beginning"
            + " order by case when l.number like :exactly then 0 else 1 end, l.season desc, l.number")
    List<Lot> called(String exactly, String beginning, Limit limit);

    /** Those in whose numbers, season and variety all the patterns are found, newest first. */
    @Query(value = """
                    select l.* from lot l join unnest(:varieties, :names) v (id, name) on v.id = l.variety_id
                    where lower(l.number || ' ' || l.old_number || ' ' || l.season || ' ' || v.name) like all(:patterns)
                    order by l.season desc, l.number""", nativeQuery = true)
    List<Lot> searched(String[] patterns, UUID[] varieties, String[] names, Limit limit);

    List<Lot> findByPlantingIdInAndOriginOrderByNumber(Collection<UUID> plantings, Origin origin);

    Optional<Lot> findFirstByPlantingId(UUID plantingId);

    List<Lot> findByOldNumberIgnoreCase(String number);

    @Query("select l from Lot l where l.oldNumber <> '' and lower(l.oldNumber) in :small")
    List<Lot> onceCalled(Collection<String> small);

    List<Lot> findByVarietyIdInOrderBySeasonAscNumberAsc(Collection<UUID> varieties);

    List<Lot> findByVarietyIdInOrderBySeasonDescNumberDesc(Collection<UUID> varieties, Limit limit);

    @Query("select l.id from Lot l where l.varietyId = :variety")
    Set<UUID> idsOf(UUID variety);

    List<Lot> findBySeasonOrderByNumber(int season);

    List<Lot> findBySeasonGreaterThanEqualOrderByNumber(int season);

    /** A lot and its number. */
    record Numbered(UUID id, String number) {}

    @Query("select new theriseed.server.lot.LotRepository$Numbered(l.id, l.number) from Lot l")
    List<Numbered> numbers();

    @Query(value = """
                    insert into lot_serial (year, crop_code, last) values (:year, :code, :many)
                    on conflict (year, crop_code) do update set last = lot_serial.last + :many
                    returning last""", nativeQuery = true)
    int takeSerials(int year, String code, int many);
}
