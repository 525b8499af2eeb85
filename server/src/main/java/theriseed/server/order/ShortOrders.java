package theriseed.server.order;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.lot.Finding;
import theriseed.core.stall.OrderGap;
import theriseed.server.base.FarmTime;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.gate.Gate;
import theriseed.server.gate.LotKnown;
import theriseed.server.lot.LotsHere;
import theriseed.server.stall.Packing;
import theriseed.server.stall.PackingRunView;
import theriseed.server.stall.PackingRuns;
import theriseed.server.stall.StockView;
import theriseed.server.stall.Stocks;

/** Says what would fill an order that is short, and packs for it. */
@Service
class ShortOrders {
    private final Orders orders;
    private final LotsHere here;
    private final Gate gate;
    private final Stocks stocks;
    private final PackingRuns packing;
    private final FarmTime time;

    ShortOrders(Orders orders, LotsHere here, Gate gate, Stocks stocks, PackingRuns packing, FarmTime time) {
        this.orders = orders;
        this.here = here;
        this.gate = gate;
        this.stocks = stocks;
        this.packing = packing;
        this.time = time;
    }

    /** What would fill each line that is short. */
    @ReadsOnly
    public List<ShortLine> of(UUID orderId) {
        OrderView order = orders.get(orderId);
        List<OrderView.OrderedLine> missing = order.lines().stream()
                .filter(line -> order.waits() && line.missing().signum() > 0)
                .toList();
        if (missing.isEmpty()) {
            return List.of();
        }
        Set<UUID> varieties =
                missing.stream().map(OrderView.OrderedLine::varietyId).collect(Collectors.toSet());
        List<LotKnown> there = gate.of(here.all().stream()
                .filter(lot -> varieties.contains(lot.varietyId()))
                .toList());
        Map<UUID, StockView> stock = stocks.of(there);
        return missing.stream()
                .map(line -> line(line, order.wantedOn(), there, stock))
                .toList();
    }

    /** Packs so many packets for a line out of a lot, at the price of the line, and promises them to it. */
    @GrowersWork
    @Transactional
    public OrderView pack(UUID orderId, UUID lineId, String number, int packets) {
        OrderView order = orders.get(orderId);
        OrderView.OrderedLine line = order.lines().stream()
                .filter(one -> one.id().equals(lineId))
                .findFirst()
                .orElseThrow(NotFound.of("line of this order"));
        if (line.bulk() || line.seeds() == null) {
            throw new Refused("lineId", line.variety(), "order.packItself");
        }
        LocalDate today = time.today();
        packing.pack(
                number,
                new Packing(
                        today,
                        line.seeds(),
                        null,
                        null,
                        packets,
                        BigDecimal.ZERO,
                        line.price(),
                        Packing.usualSowBy(today),
                        1,
                        null,
                        Packing.Weighing.USUAL));
        return orders.allocate(orderId);
    }

    private ShortLine line(
            OrderView.OrderedLine line, LocalDate wanted, List<LotKnown> there, Map<UUID, StockView> stock) {
        List<LotKnown> lots = there.stream()
                .filter(lot -> lot.lot().varietyId().equals(line.varietyId()))
                .sorted(Comparator.comparing((LotKnown lot) -> lot.lot().season())
                        .thenComparing(lot -> lot.lot().number()))
                .toList();
        Map<String, LotKnown> byNumber =
                lots.stream().collect(Collectors.toMap(lot -> lot.lot().number(), Function.identity()));
        Map<String, Packing.Plan> plans = new HashMap<>();
        lots.forEach(
                lot -> plan(line, lot).ifPresent(plan -> plans.put(lot.lot().number(), plan)));
        OrderGap<String> gap = OrderGap.of(
                line.missing().doubleValue(),
                lots.stream()
                        .map(lot -> offer(
                                line,
                                wanted,
                                lot,
                                stock.get(lot.lot().id()),
                                plans.get(lot.lot().number())))
                        .toList());
        return new ShortLine(
                line.id(),
                line.missing(),
                gap.ways().stream()
                        .map(way -> filling(line, way, byNumber.get(way.lot()), plans.get(way.lot())))
                        .toList(),
                amount(line, gap.rest()));
    }

    /** @param plan how it would be packed; null where it cannot be */
    private OrderGap.Lot<String> offer(
            OrderView.OrderedLine line, LocalDate wanted, LotKnown lot, StockView stock, Packing.Plan plan) {
        double ready = line.bulk()
                ? stock.free().doubleValue()
                : stock.runs().stream()
                        .filter(run -> line.seeds() == null || line.seeds().equals(run.seeds()))
                        .mapToInt(PackingRunView::free)
                        .sum();
        return new OrderGap.Lot<>(
                lot.lot().number(),
                OrderGap.Stands.of(
                        lot.gate().mayBeSold(), onlyTest(lot), lot.gate().testRunsOut(), wanted),
                ready,
                plan == null ? 0 : plan.packets());
    }

    /** Whether nothing but a germination test that counts is missing. */
    private static boolean onlyTest(LotKnown lot) {
        return !lot.gate().mayBeSold()
                && lot.gate().holding().stream()
                        .allMatch(found -> found instanceof Finding.TestRunOut || found instanceof Finding.NotTested);
    }

    private Optional<Packing.Plan> plan(OrderView.OrderedLine line, LotKnown lot) {
        return line.bulk() || line.seeds() == null
                ? Optional.empty()
                : packing.couldFill(lot, line.seeds(), line.price(), time.today());
    }

    private static ShortLine.Filling filling(
            OrderView.OrderedLine line, OrderGap.Way<String> way, LotKnown lot, Packing.Plan plan) {
        BigDecimal much = amount(line, way.much());
        boolean packs = way.act() == OrderGap.Act.PACK;
        return new ShortLine.Filling(
                way.lot(),
                way.act(),
                much,
                packs ? line.seeds() : null,
                packs ? much.multiply(BigDecimal.valueOf(plan.fill())) : null,
                packs ? null : lot.gate().testRunsOut());
    }

    private static BigDecimal amount(OrderView.OrderedLine line, double much) {
        return BigDecimal.valueOf(much).setScale(line.bulk() ? 2 : 0, RoundingMode.HALF_UP);
    }
}
