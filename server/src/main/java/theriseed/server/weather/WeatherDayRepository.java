package theriseed.server.weather;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface WeatherDayRepository extends JpaRepository<WeatherDay, LocalDate> {
    /** A day's figures, without the record round them: a season needs hundreds. */
    record Figures(LocalDate day, double low, double high) {}

    @Query("select new theriseed.server.weather.WeatherDayRepository$Figures(d.day, d.low, d.high) from WeatherDay d"
            + " where d.day between :from and :to order by d.day")
    List<Figures> figures(LocalDate from, LocalDate to);

    Optional<WeatherDay> findFirstByOrderByDayDesc();
}
