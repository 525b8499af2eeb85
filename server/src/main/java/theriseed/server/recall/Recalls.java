package theriseed.server.recall;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import theriseed.server.base.ReadsOnly;
import theriseed.server.bench.Bench;
import theriseed.server.harvest.HarvestView;
import theriseed.server.harvest.Harvests;
import theriseed.server.harvest.PickView;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.lot.Origin;
import theriseed.server.lot.Pours;
import theriseed.server.season.PlantingView;
import theriseed.server.season.Plantings;
import theriseed.server.stall.Sales;
import theriseed.server.stall.StockView;
import theriseed.server.stall.Stocks;

/** Follows seed up to the plants it came from, and down to whoever has it. */
@Service
class Recalls {
    private final Lots lots;
    private final Pours pours;
    private final Plantings plantings;
    private final Harvests harvests;
    private final Bench bench;
    private final Stocks stocks;
    private final Sales sales;

    Recalls(Lots lots, Pours pours, Plantings plantings, Harvests harvests, Bench bench, Stocks stocks, Sales sales) {
        this.lots = lots;
        this.pours = pours;
        this.plantings = plantings;
        this.harvests = harvests;
        this.bench = bench;
        this.stocks = stocks;
        this.sales = sales;
    }

    /** Whether the seed may be sold is not asked: of a lot that is called back only what is left of it counts. */
    @ReadsOnly
    public Recall of(String number) {
        LotView lot = lots.get(number);
        List<LotView> above = pours.above(lot.id());
        List<LotView> below = pours.below(List.of(lot.id()));
        Map<UUID, PlantingView> planted =
                plantings.all(above.stream().map(LotView::plantingId).collect(Collectors.toSet()));
        Map<UUID, HarvestView> picked =
                harvests.of(above.stream().map(LotView::id).toList());
        Map<UUID, StockView> stock = stocks.of(bench.of(below));
        return new Recall(
                above.stream()
                        .map(one -> source(one, planted.get(one.plantingId()), picked.get(one.id())))
                        .toList(),
                below.stream().map(one -> carrier(one, stock.get(one.id()))).toList(),
                holders(below));
    }

    /** Who has some, without what is left here. */
    @ReadsOnly
    public List<Recall.Holder> holders(String number) {
        return holders(pours.below(List.of(lots.get(number).id())));
    }

    private List<Recall.Holder> holders(List<LotView> below) {
        Map<UUID, String> numbers = below.stream().collect(Collectors.toMap(LotView::id, LotView::number));
        return sales.holders(numbers.keySet()).stream()
                .map(one -> new Recall.Holder(
                        one.customer(), numbers.get(one.lotId()), one.soldOn(), one.packets(), one.bulk()))
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
