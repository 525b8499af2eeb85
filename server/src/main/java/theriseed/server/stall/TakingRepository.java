package theriseed.server.stall;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface TakingRepository extends JpaRepository<Taking, UUID> {
    List<Taking> findByLotIdInOrderByTakenOnAscIdAsc(Collection<UUID> lots);

    List<Taking> findByPlantingIdOrderByTakenOnAscIdAsc(UUID planting);

    @Query("select new theriseed.server.stall.SaleRepository$Grams(t.lotId, sum(t.mass)) from Taking t"
            + " where t.why = :why and t.takenOn > :since and t.mass is not null group by t.lotId")
    List<SaleRepository.Grams> grams(TakenFor why, LocalDate since);

    boolean existsByLotId(UUID lot);
}
