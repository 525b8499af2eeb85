package theriseed.server.quality;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface SeedWeightRepository extends JpaRepository<SeedWeightRecord, UUID> {
    List<SeedWeightRecord> findByLotIdIn(Collection<UUID> lots);

    /** That a lot was weighed on a day. */
    record Weighed(UUID id, UUID lotId, LocalDate weighedOn) {}

    @Query("select new theriseed.server.quality.SeedWeightRepository$Weighed(w.id, w.lotId, w.weighedOn)"
            + " from SeedWeightRecord w order by w.id")
    List<Weighed> weighed();
}
