package theriseed.server.pollination;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface EveningRepository extends JpaRepository<BudEvening, UUID> {
    List<BudEvening> findByPlantingIdAndClosedOnBetweenOrderByClosedOnAscIdAsc(
            UUID planting, LocalDate from, LocalDate to);

    List<BudEvening> findByClosedOnOrderById(LocalDate day);
}
