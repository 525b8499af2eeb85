package theriseed.server.stall;

import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import theriseed.server.base.ReadsOnly;
import theriseed.server.bench.Bench;
import theriseed.server.bench.LotsAtBench;
import theriseed.server.handbook.Crops;
import theriseed.server.lot.LotView;
import theriseed.server.lot.LotsHere;
import theriseed.server.quality.Quality;
import theriseed.server.quality.TestsView;
import theriseed.server.season.SeedStock;
import theriseed.server.season.Varieties;
import theriseed.server.season.VarietyView;

/** What is left in bulk of the farm's own seed, for whoever plans what to sow. */
@Component
class SeedLeft implements SeedStock {
    private final LotsHere here;
    private final Bench bench;
    private final Stocks stocks;
    private final Quality quality;
    private final Varieties varieties;
    private final Crops crops;

    SeedLeft(LotsHere here, Bench bench, Stocks stocks, Quality quality, Varieties varieties, Crops crops) {
        this.here = here;
        this.bench = bench;
        this.stocks = stocks;
        this.quality = quality;
        this.varieties = varieties;
        this.crops = crops;
    }

    @Override
    @ReadsOnly
    public Map<UUID, OnHand> of(Collection<UUID> varietyIds) {
        LotsAtBench worked = bench.of(here.inBulk(varietyIds));
        Map<UUID, StockView> stock = stocks.of(worked);
        List<LotView> some = worked.lots().stream()
                .filter(lot -> lot.hold() == null && stock.get(lot.id()).bulk().signum() > 0)
                .toList();
        Map<UUID, TestsView> tests = quality.of(some.stream().map(LotView::id).toList());
        Map<UUID, VarietyView> of =
                varieties.byIds(some.stream().map(LotView::varietyId).collect(Collectors.toSet()));
        Map<UUID, OnHand> left = new HashMap<>();
        for (LotView lot : some) {
            left.merge(
                    lot.varietyId(),
                    new OnHand(
                            stock.get(lot.id()).bulk().doubleValue(),
                            germination(tests.get(lot.id()), of.get(lot.varietyId())),
                            lot.season()),
                    (older, newer) ->
                            new OnHand(older.grams() + newer.grams(), newer.germination(), newer.harvested()));
        }
        return left;
    }

    /** Percent by the last test, else what the crop's standard asks. */
    private double germination(TestsView tests, VarietyView variety) {
        return tests.germination() == null
                ? crops.get(variety.cropKey()).germinationStandard()
                : tests.germination().result().mean();
    }
}
