package theriseed.server.sown;

import java.math.BigDecimal;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import theriseed.core.crop.Crop;
import theriseed.core.seedroom.OwnSeed;
import theriseed.server.base.ReadsOnly;
import theriseed.server.bench.Bench;
import theriseed.server.bench.LotsAtBench;
import theriseed.server.handbook.Crops;
import theriseed.server.lot.Families;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.quality.Quality;
import theriseed.server.quality.TestsView;
import theriseed.server.season.PlantingView;
import theriseed.server.season.Plantings;
import theriseed.server.stall.PackingRuns;
import theriseed.server.stall.StockView;
import theriseed.server.stall.Stocks;
import theriseed.server.stall.WithdrawalView;
import theriseed.server.stall.Withdrawals;

/** What a planting was sown with; and where nobody wrote that down yet, which lot it is likely to have been. */
@Service
public class Sowings {
    /** Percent: what else is in the seed is not asked for a sowing. */
    private static final double PURE = 100;

    private final Plantings plantings;
    private final Lots lots;
    private final Bench bench;
    private final Stocks stocks;
    private final Withdrawals withdrawals;
    private final PackingRuns packed;
    private final Quality quality;
    private final Families families;
    private final Elsewhere elsewhere;
    private final Crops crops;

    Sowings(
            Plantings plantings,
            Lots lots,
            Bench bench,
            Stocks stocks,
            Withdrawals withdrawals,
            PackingRuns packed,
            Quality quality,
            Families families,
            Elsewhere elsewhere,
            Crops crops) {
        this.plantings = plantings;
        this.lots = lots;
        this.bench = bench;
        this.stocks = stocks;
        this.withdrawals = withdrawals;
        this.packed = packed;
        this.quality = quality;
        this.families = families;
        this.elsewhere = elsewhere;
        this.crops = crops;
    }

    @ReadsOnly
    SownView of(UUID plantingId) {
        PlantingView planting = plantings.get(plantingId);
        return new SownView(
                plantingId,
                planting.variety().name(),
                planting.variety().cropName(),
                planting.ground(),
                planting.season(),
                planting.sownOn(),
                planting.plants(),
                families.ofSeedGrownIn(plantingId),
                with(plantingId),
                proposed(planting));
    }

    /** What a planting was sown with. */
    @ReadsOnly
    public SownWith with(UUID plantingId) {
        List<WithdrawalView> sown = withdrawals.sownIn(plantingId);
        Map<UUID, String> numbers = lots
                .byIds(sown.stream().map(WithdrawalView::lotId).distinct().toList())
                .stream()
                .collect(Collectors.toMap(LotView::id, LotView::number));
        Map<UUID, BigDecimal> fills = packed.fills(sown.stream()
                .map(WithdrawalView::packingRunId)
                .filter(Objects::nonNull)
                .distinct()
                .toList());
        return new SownWith(
                sown.stream()
                        .map(withdrawal -> new SownWith.SownLot(
                                numbers.get(withdrawal.lotId()), withdrawal, grams(withdrawal, fills)))
                        .toList(),
                elsewhere.of(List.of(plantingId)));
    }

    private static BigDecimal grams(WithdrawalView withdrawal, Map<UUID, BigDecimal> fills) {
        return withdrawal.mass() != null
                ? withdrawal.mass()
                : fills.get(withdrawal.packingRunId()).multiply(BigDecimal.valueOf(withdrawal.packets()));
    }

    /** Lots that were there when it was sown: stock seed first, then the newest; what is on hold last. */
    private List<SownView.Proposed> proposed(PlantingView planting) {
        List<LotView> all = lots.ofVarieties(List.of(planting.variety().id()));
        LotsAtBench worked = bench.of(all);
        Map<UUID, StockView> stock = stocks.of(worked);
        List<LotView> some = all.stream()
                .filter(lot -> stock.get(lot.id()).any()
                        && !worked.picked().get(lot.id()).pickedOn().isAfter(planting.sownOn()))
                .sorted(Comparator.comparing((LotView lot) -> lot.hold() != null)
                        .thenComparing(lot -> lot.reserved().signum() == 0)
                        .thenComparing(Comparator.comparing(LotView::season).reversed())
                        .thenComparing(LotView::number))
                .toList();
        Map<UUID, TestsView> tests = quality.of(some.stream().map(LotView::id).toList());
        Crop crop = crops.get(planting.variety().cropKey());
        return some.stream()
                .map(lot -> proposed(planting, crop, lot, stock.get(lot.id()), tests.get(lot.id())))
                .toList();
    }

    private static SownView.Proposed proposed(
            PlantingView planting, Crop crop, LotView lot, StockView stock, TestsView tests) {
        Integer germination = tests.germination() == null
                ? null
                : tests.germination().result().reported();
        double percent = germination == null || germination == 0 ? planting.germination() : germination;
        boolean weighed = tests.seedWeight() != null;
        double thousand = weighed ? tests.seedWeight().result().thousandSeedWeight() : crop.thousandSeedWeight();
        OwnSeed.Sowing one = OwnSeed.Sowing.of(
                crop, planting.grade(), planting.plants(), planting.selected(), percent, thousand, PURE);
        return new SownView.Proposed(
                lot.number(),
                lot.season(),
                stock.bulk(),
                stock.reserved(),
                germination,
                one.seeds(),
                one.grams(),
                weighed,
                lot.hold() == null ? null : lot.hold().reason(),
                stock.runs().stream()
                        .filter(run -> run.left() > 0)
                        .map(run -> new SownView.Run(run.id(), run.packedOn(), run.left(), run.fill()))
                        .toList());
    }
}
