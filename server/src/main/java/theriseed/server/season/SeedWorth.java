package theriseed.server.season;

import java.util.Collection;
import java.util.Map;
import java.util.UUID;

/** What the seed of varieties earns, known by the part of the work that counts the money. */
public interface SeedWorth {
    /**
     * What a season's seed of a variety earns.
     *
     * @param money sold for in the year up to today, in the farm's currency, above 0
     * @param hours of work that are paid with it, at the farm's wage
     */
    record Earned(double money, double hours) {}

    /** Of those of which something was sold. */
    Map<UUID, Earned> of(Collection<UUID> varietyIds);
}
