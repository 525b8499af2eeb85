package theriseed.server.recall;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.server.gate.Gate;
import theriseed.server.gate.LotKnown;
import theriseed.server.harvest.HarvestView;
import theriseed.server.harvest.PickView;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.lot.Origin;
import theriseed.server.lot.Pours;
import theriseed.server.stall.Stall;
import theriseed.server.stall.StockView;

/** Follows seed up to the plants it came from, and down to whoever has it. */
@Service
class Recalls {
    private final Lots lots;
    private final Pours pours;
    private final Gate gate;
    private final Stall stall;

    Recalls(Lots lots, Pours pours, Gate gate, Stall stall) {
        this.lots = lots;
        this.pours = pours;
        this.gate = gate;
        this.stall = stall;
    }

    @Transactional(readOnly = true)
    public Recall of(String number) {
        LotView lot = lots.get(number);
        List<LotKnown> below = gate.of(pours.below(List.of(lot.id())));
        Map<UUID, StockView> stock = stall.stock(below);
        Map<UUID, String> numbers =
                below.stream().map(LotKnown::lot).collect(Collectors.toMap(LotView::id, LotView::number));
        return new Recall(
                gate.of(pours.above(lot.id())).stream().map(Recalls::source).toList(),
                below.stream()
                        .map(known -> carrier(known.lot(), stock.get(known.lot().id())))
                        .toList(),
                stall.soldOf(numbers.keySet()).stream()
                        .map(sale -> new Recall.Holder(
                                sale.customer(), numbers.get(sale.lotId()), sale.soldOn(), sale.packets(), sale.bulk()))
                        .sorted(Comparator.comparing(Recall.Holder::customer).thenComparing(Recall.Holder::soldOn))
                        .toList());
    }

    private static Recall.Source source(LotKnown known) {
        LotView lot = known.lot();
        HarvestView harvest = known.harvest();
        boolean picked = lot.origin() == Origin.PICKED;
        return new Recall.Source(
                lot.number(),
                lot.origin(),
                known.planting().variety().name(),
                lot.season(),
                picked ? known.planting().plotName() : null,
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
