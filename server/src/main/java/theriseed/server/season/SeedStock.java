package theriseed.server.season;

import java.util.Collection;
import java.util.Map;
import java.util.UUID;

/** Seed of the farm's own that is left, known by the part of the work that keeps it. */
public interface SeedStock {
    /**
     * The best of what is left of a variety.
     *
     * @param grams clean seed in bulk, in all lots that still germinate
     * @param germination percent, of the newest lot tested; of the crop's standard where none was
     * @param harvested season of the newest lot
     */
    record OnHand(double grams, double germination, int harvested) {}

    Map<UUID, OnHand> of(Collection<UUID> varietyIds);
}
