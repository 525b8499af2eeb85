package theriseed.server.gate;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import theriseed.core.seedroom.LotKeeping;

/** Tells where clean seed stands. */
public interface WhereLotsStand {
    /** The containers that still hold something of each of these lots; lots that were never put away are left out. */
    Map<UUID, List<LotKeeping.Container>> of(Collection<UUID> lots);

    /** The air of all shelves: another whenever any of it is read or corrected. */
    Object air();
}
