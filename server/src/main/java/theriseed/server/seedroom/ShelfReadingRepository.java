package theriseed.server.seedroom;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface ShelfReadingRepository extends JpaRepository<ShelfReading, UUID> {
    List<ShelfReading> findTop1000ByShelfIdAndReadAtGreaterThanEqualOrderByReadAtDesc(UUID shelf, Instant since);

    /** The last reading of each shelf. */
    @Query(value = """
                    select distinct on (shelf_id) * from shelf_reading
                    where shelf_id in (:shelves) order by shelf_id, read_at desc
                    """, nativeQuery = true)
    List<ShelfReading> last(Collection<UUID> shelves);

    /** Means by month, of all there ever were: a few hundred rows in ten years; exact, whatever the rows' order. */
    @Query(value = """
                    select shelf_id as "shelfId",
                           to_char(read_at at time zone :zone, 'YYYY-MM') as "month",
                           cast(avg(cast(celsius as numeric)) as float8) as "celsius",
                           cast(avg(cast(humidity as numeric)) as float8) as "humidity"
                    from shelf_reading where shelf_id in (:shelves) group by 1, 2 order by 1, 2
                    """, nativeQuery = true)
    List<Month> months(Collection<UUID> shelves, String zone);

    /** A month's mean. */
    interface Month {
        UUID getShelfId();

        String getMonth();

        double getCelsius();

        Double getHumidity();
    }
}
