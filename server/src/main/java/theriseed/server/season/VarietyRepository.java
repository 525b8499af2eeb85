package theriseed.server.season;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface VarietyRepository extends JpaRepository<Variety, UUID> {
    Page<Variety> findByNameContainingIgnoreCaseOrderByNameAscIdAsc(String typed, Pageable page);

    /** A variety's name and its crop. */
    record Named(UUID id, String name, String cropKey) {}

    @Query("select new theriseed.server.season.VarietyRepository$Named(v.id, v.name, v.cropKey) from Variety v"
            + " order by lower(v.name), v.id")
    List<Named> names();

    /** Written as the index on names is. */
    @Query("select v.id from Variety v where v.cropKey = :cropKey")
    List<UUID> idsOf(String cropKey);

    @Query("select v from Variety v where v.cropKey = :cropKey and lower(v.name) = lower(:name)")
    Optional<Variety> findByCropKeyAndNameIgnoreCase(String cropKey, String name);
}
