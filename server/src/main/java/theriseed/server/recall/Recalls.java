package theriseed.server.recall;

import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.server.bench.Bench;
import theriseed.server.bench.BenchView;
import theriseed.server.harvest.HarvestView;
import theriseed.server.harvest.Harvests;
import theriseed.server.harvest.PickView;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.lot.Origin;
import theriseed.server.lot.Pours;
import theriseed.server.season.PlantingView;
import theriseed.server.season.Plantings;
import theriseed.server.stall.SaleView;
import theriseed.server.stall.Stall;
import theriseed.server.stall.StockView;

/** Follows seed up to the plants it came from, and down to whoever has it. */
@Service
class Recalls {
    private final Lots lots;
    private final Pours pours;
    private final Plantings plantings;
    private final Harvests harvests;
    private final Bench bench;
    private final Stall stall;

    Recalls(Lots lots, Pours pours, Plantings plantings, Harvests harvests, Bench bench, Stall stall) {
        this.lots = lots;
        this.pours = pours;
        this.plantings = plantings;
        this.harvests = harvests;
        this.bench = bench;
        this.stall = stall;
    }

    /** Whether the seed may be sold is not asked: of a lot that is called back only what is left of it counts. */
    @Transactional(readOnly = true)
    public Recall of(String number) {
        LotView lot = lots.get(number);
        List<LotView> above = pours.above(lot.id());
        List<LotView> below = pours.below(List.of(lot.id()));
        Set<LotView> both = new LinkedHashSet<>(above);
        both.addAll(below);
        Map<UUID, HarvestView> picked =
                harvests.of(both.stream().map(LotView::id).toList());
        Map<UUID, PlantingView> planted =
                plantings.all(both.stream().map(LotView::plantingId).collect(Collectors.toSet()));
        Map<UUID, BenchView> worked = bench.of(
                below,
                planted.values().stream()
                        .collect(Collectors.toMap(
                                PlantingView::id, planting -> planting.variety().cropKey())),
                picked);
        Map<UUID, StockView> stock = stall.stock(below.stream()
                .map(one -> Stall.Clean.of(one, worked.get(one.id()), picked.get(one.id())))
                .toList());
        return new Recall(
                above.stream()
                        .map(one -> source(one, planted.get(one.plantingId()), picked.get(one.id())))
                        .toList(),
                below.stream().map(one -> carrier(one, stock.get(one.id()))).toList(),
                holders(
                        stock.values().stream().flatMap(one -> one.sales().stream()),
                        below.stream().collect(Collectors.toMap(LotView::id, LotView::number))));
    }

    /** Who has some, without what is left here. */
    @Transactional(readOnly = true)
    public List<Recall.Holder> holders(String number) {
        Map<UUID, String> numbers = pours.below(List.of(lots.get(number).id())).stream()
                .collect(Collectors.toMap(LotView::id, LotView::number));
        return holders(stall.soldOf(numbers.keySet()).stream(), numbers);
    }

    private static List<Recall.Holder> holders(Stream<SaleView> sales, Map<UUID, String> numbers) {
        return sales.filter(sale -> sale.packets() == null ? sale.bulk().signum() > 0 : sale.packets() > 0)
                .sorted(Comparator.comparing(SaleView::customer)
                        .thenComparing(SaleView::soldOn)
                        .thenComparing(SaleView::id))
                .map(sale -> new Recall.Holder(
                        sale.customer(), numbers.get(sale.lotId()), sale.soldOn(), sale.packets(), sale.bulk()))
                .toList();
    }

    private static Recall.Source source(LotView lot, PlantingView planting, HarvestView harvest) {
        boolean picked = lot.origin() == Origin.PICKED;
        return new Recall.Source(
                lot.number(),
                lot.origin(),
                planting.variety().name(),
                lot.season(),
                picked ? planting.plotName() : null,
                picked && harvest != null ? harvest.pickedOn() : null,
                harvest == null ? 0 : harvest.plants(),
                harvest == null
                        ? List.of()
                        : harvest.picks().stream()
                                .map(PickView::which)
                                .filter(which -> !which.isBlank())
                                .distinct()
                                .toList());
    }

    private static Recall.Carrier carrier(LotView lot, StockView stock) {
        return new Recall.Carrier(
                lot.number(), lot.origin(), lot.grade(), lot.hold() != null, stock.bulk(), stock.packets());
    }
}
