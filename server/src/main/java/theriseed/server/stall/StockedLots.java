package theriseed.server.stall;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.server.base.FarmTime;
import theriseed.server.bench.Bench;
import theriseed.server.bench.BenchView;
import theriseed.server.harvest.HarvestView;
import theriseed.server.harvest.Harvests;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.season.Grown;
import theriseed.server.season.Plantings;

/** Finds the lots that have seed left, without judging those that were sold out long ago. */
@Service
public class StockedLots {
    /** Seed older than that is not sold. */
    private static final int YEARS = 12;

    private final Lots lots;
    private final Plantings plantings;
    private final Harvests harvests;
    private final Bench bench;
    private final Stall stall;
    private final FarmTime time;

    StockedLots(Lots lots, Plantings plantings, Harvests harvests, Bench bench, Stall stall, FarmTime time) {
        this.lots = lots;
        this.plantings = plantings;
        this.harvests = harvests;
        this.bench = bench;
        this.stall = stall;
        this.time = time;
    }

    /** All of the last twelve seasons, newest first. */
    @Transactional(readOnly = true)
    public List<LotView> all() {
        List<LotView> some = lots.since(time.today().getYear() - YEARS);
        Map<UUID, HarvestView> picked =
                harvests.of(some.stream().map(LotView::id).toList());
        Map<UUID, String> cropKeys =
                plantings.grown(some.stream().map(LotView::plantingId).collect(Collectors.toSet())).values().stream()
                        .collect(Collectors.toMap(Grown::id, Grown::cropKey));
        Map<UUID, BenchView> worked = bench.of(some, cropKeys, picked);
        Map<UUID, StockView> stock = stall.stock(some.stream()
                .map(lot -> Stall.Clean.of(lot, worked.get(lot.id()), picked.get(lot.id())))
                .toList());
        return some.stream()
                .filter(lot -> stock.get(lot.id()).any())
                .sorted(Comparator.comparingInt(LotView::season).reversed().thenComparing(LotView::number))
                .toList();
    }
}
