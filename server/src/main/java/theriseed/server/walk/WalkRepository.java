package theriseed.server.walk;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface WalkRepository extends JpaRepository<Walk, UUID> {
    List<Walk> findByPlantingIdInOrderByWalkedOnAscIdAsc(Collection<UUID> plantings);

    /** Walks on which off-types were found that may have shed pollen. */
    @Query("select w from Walk w where w.plantingId in :plantings and w.offTypes is not empty and not w.notFlowered"
            + " order by w.walkedOn, w.id")
    List<Walk> onWhichPollenMayHaveBeenShed(Collection<UUID> plantings);

    /** Kinds of off-types found in a variety, the most found first. */
    @Query(
            nativeQuery = true,
            value = "select o.kind from walk_off_type o join walk w on w.id = o.walk_id"
                    + " join planting p on p.id = w.planting_id where p.variety_id = :variety and o.kind <> 'something else'"
                    + " group by o.kind order by sum(o.plants) desc, o.kind limit 12")
    List<String> kindsOf(UUID variety);
}
