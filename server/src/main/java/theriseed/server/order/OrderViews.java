package theriseed.server.order;

import java.math.BigDecimal;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.season.Varieties;
import theriseed.server.season.VarietyView;
import theriseed.server.seedroom.Containers;
import theriseed.server.stall.CustomerView;
import theriseed.server.stall.Customers;
import theriseed.server.stall.SaleView;
import theriseed.server.stall.Sales;

/** Orders as they are shown: what of each line is promised, delivered and missing. */
@Component
class OrderViews {
    private final OrderLineRepository lines;
    private final AllocationRepository allocations;
    private final Customers customers;
    private final Varieties varieties;
    private final Lots lots;
    private final Sales sales;
    private final Containers containers;

    OrderViews(
            OrderLineRepository lines,
            AllocationRepository allocations,
            Customers customers,
            Varieties varieties,
            Lots lots,
            Sales sales,
            Containers containers) {
        this.lines = lines;
        this.allocations = allocations;
        this.customers = customers;
        this.varieties = varieties;
        this.lots = lots;
        this.sales = sales;
        this.containers = containers;
    }

    OrderView of(SeedOrder order) {
        return of(List.of(order)).get(0);
    }

    List<OrderView> of(List<SeedOrder> of) {
        if (of.isEmpty()) {
            return List.of();
        }
        List<OrderLine> all = lines.findBySeedOrderIdInOrderById(
                of.stream().map(SeedOrder::id).toList());
        List<Allocation> out = allocations.findByOrderLineIdInOrderById(
                all.stream().map(OrderLine::id).toList());
        Set<UUID> lotIds = out.stream().map(Allocation::lotId).collect(Collectors.toCollection(HashSet::new));
        Known known = new Known(
                varieties.byIds(all.stream().map(OrderLine::varietyId).collect(Collectors.toSet())),
                lots.byIds(lotIds).stream().collect(Collectors.toMap(LotView::id, lot -> lot)),
                containers.shelvesOf(lotIds),
                sales.byIds(out.stream()
                        .map(Allocation::saleId)
                        .filter(sale -> sale != null)
                        .toList()),
                out.stream().collect(Collectors.groupingBy(Allocation::orderLineId)));
        Map<UUID, List<OrderLine>> byOrder = all.stream().collect(Collectors.groupingBy(OrderLine::seedOrderId));
        Map<UUID, CustomerView> who =
                customers.byIds(of.stream().map(SeedOrder::customerId).collect(Collectors.toSet()));
        return of.stream()
                .map(order ->
                        view(order, who.get(order.customerId()), byOrder.getOrDefault(order.id(), List.of()), known))
                .toList();
    }

    /** What the views of some orders are made of. */
    private record Known(
            Map<UUID, VarietyView> varieties,
            Map<UUID, LotView> lots,
            Map<UUID, List<String>> shelves,
            Map<UUID, SaleView> sales,
            Map<UUID, List<Allocation>> out) {}

    private static OrderView view(SeedOrder order, CustomerView customer, List<OrderLine> of, Known known) {
        List<OrderView.OrderedLine> lines =
                of.stream().map(line -> line(line, known)).toList();
        boolean ready = lines.stream().allMatch(line -> line.missing().signum() <= 0);
        List<SaleView> sold = of.stream()
                .flatMap(line -> known.out().getOrDefault(line.id(), List.of()).stream())
                .filter(one -> one.saleId() != null)
                .map(one -> known.sales().get(one.saleId()))
                .toList();
        return new OrderView(
                order.id(),
                order.version(),
                order.number(),
                customer,
                order.kind(),
                order.orderedOn(),
                order.wantedOn(),
                order.note(),
                order.cancelledOn() != null
                        ? OrderView.State.CANCELLED
                        : order.doneOn() != null
                                ? OrderView.State.DONE
                                : ready ? OrderView.State.READY : OrderView.State.SHORT,
                order.doneOn(),
                order.cancelledOn(),
                order.cancelledBecause(),
                lines,
                sold.stream()
                        .map(sale -> new OrderView.Delivery(sale.delivery(), sale.soldOn()))
                        .distinct()
                        .sorted(Comparator.comparing(OrderView.Delivery::number))
                        .toList(),
                of.stream().map(line -> line.price(line.much())).reduce(BigDecimal.ZERO, BigDecimal::add),
                sold.stream().map(SaleView::price).reduce(BigDecimal.ZERO, BigDecimal::add));
    }

    private static OrderView.OrderedLine line(OrderLine line, Known known) {
        List<Allocation> out = known.out().getOrDefault(line.id(), List.of());
        BigDecimal delivered =
                sum(out.stream().filter(one -> one.saleId() != null).toList());
        BigDecimal promised = sum(out).subtract(delivered);
        VarietyView variety = known.varieties().get(line.varietyId());
        return new OrderView.OrderedLine(
                line.id(),
                line.varietyId(),
                variety.name(),
                variety.cropName(),
                line.seeds(),
                line.bulk() != null,
                line.price(),
                line.much(),
                promised,
                delivered,
                line.much().subtract(promised).subtract(delivered),
                out.stream().map(one -> out(one, known)).toList());
    }

    private static OrderView.PromisedOut out(Allocation one, Known known) {
        LotView lot = known.lots().get(one.lotId());
        SaleView sale = one.saleId() == null ? null : known.sales().get(one.saleId());
        return new OrderView.PromisedOut(
                one.id(),
                lot.number(),
                lot.season(),
                one.much(),
                known.shelves().getOrDefault(lot.id(), List.of()),
                sale == null ? null : sale.delivery(),
                sale == null ? null : sale.soldOn());
    }

    private static BigDecimal sum(List<Allocation> some) {
        return some.stream().map(Allocation::much).reduce(BigDecimal.ZERO, BigDecimal::add);
    }
}
