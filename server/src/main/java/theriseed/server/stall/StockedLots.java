package theriseed.server.stall;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.server.base.FarmTime;
import theriseed.server.bench.Bench;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;

/** Finds the lots that have seed left, without judging those that were sold out long ago. */
@Service
public class StockedLots {
    /** Seed older than that is not sold. */
    private static final int YEARS = 12;

    private final Lots lots;
    private final Bench bench;
    private final Stall stall;
    private final FarmTime time;

    StockedLots(Lots lots, Bench bench, Stall stall, FarmTime time) {
        this.lots = lots;
        this.bench = bench;
        this.stall = stall;
        this.time = time;
    }

    /** All of the last twelve seasons, newest first. */
    @Transactional(readOnly = true)
    public List<LotView> all() {
        List<LotView> some = lots.since(time.today().getYear() - YEARS);
        Map<UUID, StockView> stock = stall.stock(bench.of(some));
        return some.stream()
                .filter(lot -> stock.get(lot.id()).any())
                .sorted(Comparator.comparingInt(LotView::season).reversed().thenComparing(LotView::number))
                .toList();
    }
}
