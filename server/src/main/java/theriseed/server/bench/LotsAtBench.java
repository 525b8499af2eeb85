package theriseed.server.bench;

import java.math.BigDecimal;
import java.util.Collection;
import java.util.Map;
import java.util.UUID;
import theriseed.server.harvest.HarvestView;
import theriseed.server.lot.LotView;

/**
 * Lots, with what was picked into them and where they stand, both by lot; those nothing was picked into have neither.
 */
public record LotsAtBench(Collection<LotView> lots, Map<UUID, HarvestView> picked, Map<UUID, BenchView> worked) {
    /** Grams that came clean off the bench and were not transferred into other lots, whether or not they may be sold. */
    public BigDecimal clean(LotView lot) {
        return clean(worked.get(lot.id()), picked.get(lot.id()));
    }

    /** The same of one lot. @param work and {@code harvest} null while it is empty */
    public static BigDecimal clean(BenchView work, HarvestView harvest) {
        return work == null || !work.clean() ? BigDecimal.ZERO : work.mass().subtract(harvest.transferredOut());
    }
}
