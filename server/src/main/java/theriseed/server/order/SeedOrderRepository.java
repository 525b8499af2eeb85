package theriseed.server.order;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface SeedOrderRepository extends JpaRepository<SeedOrder, UUID> {
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select o from SeedOrder o where o.id = :id")
    Optional<SeedOrder> lock(UUID id);

    @Query("select o from SeedOrder o where o.doneOn is null and o.cancelledOn is null order by o.wantedOn, o.id")
    Page<SeedOrder> open(Pageable page);

    /** Those of these customers, or in whose number and note all the patterns are found: what waits first, then the newest. */
    @Query(value = """
                    select * from seed_order
                    where customer_id = any(:customers) or lower(number || ' ' || note) like all(:patterns)
                    order by done_on is null and cancelled_on is null desc, ordered_on desc, id desc""", nativeQuery = true)
    List<SeedOrder> searched(String[] patterns, UUID[] customers, Limit limit);

    @Query("select o.id from SeedOrder o order by o.orderedOn desc, o.id desc")
    List<UUID> ids();

    Page<SeedOrder> findAllByOrderByOrderedOnDescIdDesc(Pageable page);

    boolean existsByCustomerIdAndDoneOnIsNullAndCancelledOnIsNull(UUID customer);

    @Query(value = """
                    insert into order_serial (year, last) values (:year, 1)
                    on conflict (year) do update set last = order_serial.last + 1
                    returning last""", nativeQuery = true)
    int nextSerial(int year);
}
