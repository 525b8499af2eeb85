package theriseed.server.market;

import jakarta.persistence.LockModeType;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface StallDayRepository extends JpaRepository<StallDay, UUID> {
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select d from StallDay d where d.id = :id")
    Optional<StallDay> lock(UUID id);

    Page<StallDay> findAllByOrderByHeldOnDescIdDesc(Pageable page);

    List<StallDay> findByCountedFalseAndHeldOnLessThanEqualOrderByHeldOnAscIdAsc(LocalDate day);

    boolean existsByCustomerIdAndCountedFalse(UUID customer);
}
