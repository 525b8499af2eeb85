package theriseed.server.bench;

import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Wrong;
import theriseed.server.lot.FilledLot;
import theriseed.server.lot.FilledLots;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;

/**
 * Tells which of all lots there ever were are clean. What the rules said of a lot is kept until its next step, so that only
 * those are looked at that were worked on since.
 */
@Service
public class CleanLots {
    private final FilledLots filled;
    private final Lots lots;
    private final Bench bench;

    CleanLots(FilledLots filled, Lots lots, Bench bench) {
        this.filled = filled;
        this.lots = lots;
        this.bench = bench;
    }

    /** The clean ones among these, those that all went into other lots too; what nothing can be calculated of is none. */
    @ReadsOnly
    public List<FilledLot> among(Collection<FilledLot> some) {
        List<FilledLot> notTold =
                some.stream().filter(lot -> lot.clean() == null).toList();
        Map<UUID, Boolean> told = new HashMap<>();
        if (!notTold.isEmpty()) {
            List<LotView> asked = lots.byIds(notTold.stream().map(FilledLot::id).toList());
            Wrong.each(asked, part -> List.copyOf(bench.of(part).worked().entrySet()))
                    .right()
                    .forEach(work -> told.put(work.getKey(), work.getValue().clean()));
            filled.keepClean(notTold.stream()
                    .filter(lot -> told.containsKey(lot.id()))
                    .collect(Collectors.toMap(FilledLot::state, lot -> told.get(lot.id()))));
        }
        return some.stream()
                .filter(lot -> lot.clean() != null ? lot.clean() : told.getOrDefault(lot.id(), false))
                .toList();
    }
}
