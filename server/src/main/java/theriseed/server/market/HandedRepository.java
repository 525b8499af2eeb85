package theriseed.server.market;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface HandedRepository extends JpaRepository<Handed, UUID> {
    List<Handed> findByStallDayLineIdInAndTakenBackFalseOrderById(Collection<UUID> lines);

    List<Handed> findByAtOnceIdOrderById(UUID atOnce);
}
