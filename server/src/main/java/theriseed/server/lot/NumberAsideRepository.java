package theriseed.server.lot;

import java.util.List;
import java.util.UUID;
import org.springframework.data.repository.Repository;

/** Lot numbers that lie on phones. */
interface NumberAsideRepository extends Repository<NumberAside, String> {
    List<NumberAside> findByPhoneAndSeasonAndCropCodeOrderByFolded(UUID phone, int season, String cropCode);

    NumberAside save(NumberAside aside);

    /** Takes it, so that nobody else does; none where it is taken, or never lay aside. */
    List<NumberAside> removeByFolded(String folded);
}
