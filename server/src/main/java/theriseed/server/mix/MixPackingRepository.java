package theriseed.server.mix;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface MixPackingRepository extends JpaRepository<MixPacking, UUID> {
    List<MixPacking> findByMixIdInOrderByPackedOnAscIdAsc(Collection<UUID> mixes);
}
