package theriseed.server.mixup;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface MixUpRepository extends JpaRepository<MixUp, UUID> {
    @Query("select m from MixUp m where m.firstLotId = :lot or m.secondLotId = :lot order by m.foundOn desc, m.id desc")
    List<MixUp> of(UUID lot);
}
