package theriseed.server.weather;

import java.time.LocalDate;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface ForetoldDayRepository extends JpaRepository<ForetoldDay, LocalDate> {
    List<ForetoldDay> findByDayBetweenOrderByDay(LocalDate from, LocalDate until);
}
