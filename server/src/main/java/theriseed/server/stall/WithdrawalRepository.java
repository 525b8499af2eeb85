package theriseed.server.stall;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface WithdrawalRepository extends JpaRepository<Withdrawal, UUID> {
    List<Withdrawal> findByLotIdInOrderByTakenOnAscIdAsc(Collection<UUID> lots);

    List<Withdrawal> findByPlantingIdOrderByTakenOnAscIdAsc(UUID planting);

    @Query("select new theriseed.server.stall.SaleRepository$Grams(t.lotId, sum(t.mass)) from Withdrawal t"
            + " where t.why in :why and t.takenOn > :since and t.mass is not null group by t.lotId")
    List<SaleRepository.Grams> grams(Collection<TakenFor> why, LocalDate since);

    List<Withdrawal> findByMixIdInOrderById(Collection<UUID> mixes);

    @Query("select distinct t.mixId from Withdrawal t where t.lotId in :lots and t.mixId is not null and t.mass > 0")
    List<UUID> mixes(Collection<UUID> lots);

    boolean existsByLotId(UUID lot);
}
