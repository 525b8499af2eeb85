package theriseed.server.stall;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.BiPredicate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.server.base.FarmTime;
import theriseed.server.bench.Bench;
import theriseed.server.bench.BenchView;
import theriseed.server.bench.LotsAtBench;
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
        return found((lot, at) -> false);
    }

    /** The same with those at the bench, and those numbered lately that nothing was picked into yet. */
    @Transactional(readOnly = true)
    public List<LotView> here() {
        int lately = time.today().getYear() - 1;
        return found((lot, at) -> at == null ? lot.season() >= lately : !at.clean() && !at.poured());
    }

    private List<LotView> found(BiPredicate<LotView, BenchView> also) {
        LotsAtBench at = bench.of(lots.since(time.today().getYear() - YEARS));
        Map<UUID, StockView> stock = stall.stock(at);
        return at.lots().stream()
                .filter(lot ->
                        stock.get(lot.id()).any() || also.test(lot, at.worked().get(lot.id())))
                .sorted(Comparator.comparingInt(LotView::season).reversed().thenComparing(LotView::number))
                .toList();
    }
}
