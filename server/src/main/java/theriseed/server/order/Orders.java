package theriseed.server.order;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.event.EventListener;
import org.springframework.data.domain.Page;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.measure.Range;
import theriseed.core.season.SeasonDates;
import theriseed.core.stall.SeedOffers;
import theriseed.server.base.Changed;
import theriseed.server.base.Clash;
import theriseed.server.base.CorrectionView;
import theriseed.server.base.Corrections;
import theriseed.server.base.FarmTime;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.PageOf;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.gate.Gate;
import theriseed.server.gate.LotKnown;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.season.Varieties;
import theriseed.server.season.VarietyView;
import theriseed.server.seedroom.Containers;
import theriseed.server.stall.CustomerEnds;
import theriseed.server.stall.CustomerView;
import theriseed.server.stall.Customers;
import theriseed.server.stall.Leaving;
import theriseed.server.stall.PackingRunView;
import theriseed.server.stall.PriceLists;
import theriseed.server.stall.SaleKind;
import theriseed.server.stall.SaleView;
import theriseed.server.stall.Sales;
import theriseed.server.stall.Stall;
import theriseed.server.stall.StockView;
import theriseed.server.stall.Stocks;
import theriseed.server.stall.Terms;

/**
 * Takes orders and promises seed to them: out of the oldest lot that may be sold on the day it is wanted, as far as it
 * goes. What is promised is nobody else's, whoever sells at the same moment.
 */
@Service
public class Orders {
    private static final int MOST_LINES = 200;

    private final SeedOrderRepository orders;
    private final OrderLineRepository lines;
    private final AllocationRepository allocations;
    private final Customers customers;
    private final PriceLists priceLists;
    private final Varieties varieties;
    private final Lots lots;
    private final Gate gate;
    private final Stall stall;
    private final Stocks stocks;
    private final Sales sales;
    private final Containers containers;
    private final Corrections corrections;
    private final Stamps stamps;
    private final FarmTime time;

    Orders(
            SeedOrderRepository orders,
            OrderLineRepository lines,
            AllocationRepository allocations,
            Customers customers,
            PriceLists priceLists,
            Varieties varieties,
            Lots lots,
            Gate gate,
            Stall stall,
            Stocks stocks,
            Sales sales,
            Containers containers,
            Corrections corrections,
            Stamps stamps,
            FarmTime time) {
        this.orders = orders;
        this.lines = lines;
        this.allocations = allocations;
        this.customers = customers;
        this.priceLists = priceLists;
        this.varieties = varieties;
        this.lots = lots;
        this.gate = gate;
        this.stall = stall;
        this.stocks = stocks;
        this.sales = sales;
        this.containers = containers;
        this.corrections = corrections;
        this.stamps = stamps;
        this.time = time;
    }

    /**
     * What is asked for: packets or bulk.
     *
     * @param seeds in a packet; null for any packets there are, and for bulk
     * @param price a packet or a hundred grams; null for what the customer's terms make of the price on the packet
     */
    public record Wanted(UUID varietyId, Integer seeds, Integer packets, BigDecimal bulk, BigDecimal price) {
        public void check(String at) {
            if ((packets == null) == (bulk == null)) {
                throw new Refused(at + "packets", packets, "sale.howMuch");
            }
            if (packets != null) {
                Range.of(1, 100_000, "packets").check(at + "packets", packets);
            } else {
                Range.above(0, 1e7, "g").check(at + "bulk", bulk);
            }
            if (seeds != null) {
                Range.of(1, 1e6, "seeds").check(at + "seeds", seeds);
            }
            if (price != null) {
                Range.of(0, 1e4, packets == null ? "a hundred grams" : "a packet")
                        .check(at + "price", price);
            }
        }
    }

    public record OrderFacts(
            UUID customerId, SaleKind kind, LocalDate orderedOn, LocalDate wantedOn, String note, List<Wanted> lines) {}

    @GrowersWork
    @Transactional
    public OrderView make(OrderFacts facts) {
        CustomerView customer = customers.get(facts.customerId());
        if (customer.endedOn() != null) {
            throw new Refused("customerId", customer.name(), "order.noCustomer", "customer", customer.name());
        }
        SeasonDates.check("orderedOn", facts.orderedOn(), time.today().minusYears(1), time.today());
        SeasonDates.check(
                "wantedOn", facts.wantedOn(), facts.orderedOn(), time.today().plusYears(3));
        Range.of(1, MOST_LINES, "lines").check("lines", facts.lines().size());
        for (int i = 0; i < facts.lines().size(); i++) {
            facts.lines().get(i).check("lines[" + i + "].");
        }
        int year = facts.orderedOn().getYear();
        SeedOrder order = orders.save(new SeedOrder(
                String.format("%02d-%04d", year % 100, orders.nextSerial(year)),
                customer.id(),
                facts.kind(),
                facts.orderedOn(),
                facts.wantedOn(),
                facts.note(),
                stamps.now()));
        Offers offers = offers(facts.lines().stream().map(Wanted::varietyId).collect(Collectors.toSet()));
        Terms terms = priceLists.of(customer.id());
        List<OrderLine> made = new ArrayList<>();
        for (int i = 0; i < facts.lines().size(); i++) {
            Wanted wanted = facts.lines().get(i);
            made.add(lines.save(new OrderLine(
                    order.id(),
                    wanted,
                    price(wanted, facts.kind(), terms, offers, "lines[" + i + "]."),
                    stamps.now())));
        }
        allocate(order, made, offers);
        return view(order);
    }

    private static BigDecimal price(Wanted wanted, SaleKind kind, Terms terms, Offers offers, String at) {
        if (kind != SaleKind.SALE) {
            return BigDecimal.ZERO;
        }
        if (wanted.price() != null) {
            return wanted.price();
        }
        return (wanted.packets() == null
                        ? terms.bulk(wanted.varietyId())
                        : terms.packet(wanted.varietyId(), wanted.seeds(), offers.priceOf(wanted)))
                .orElseThrow(() -> new Refused(
                        at + "price", "nothing", wanted.packets() == null ? "order.bulkPrice" : "order.packetPrice"));
    }

    /** What may be promised of some varieties: their lots, oldest first, locked so that nobody else promises them. */
    private final class Offers {
        private final Map<UUID, List<LotKnown>> byVariety;
        private final Map<UUID, StockView> stock;
        private final Map<UUID, SeedOffers<UUID, UUID>> offers = new HashMap<>();

        Offers(List<LotKnown> known) {
            byVariety = known.stream()
                    .collect(Collectors.groupingBy(lot -> lot.lot().varietyId()));
            stock = stocks.of(known);
        }

        List<LotKnown> of(UUID variety) {
            return byVariety.getOrDefault(variety, List.of());
        }

        /** The price on the newest packets of a kind; null where there never were any. */
        BigDecimal priceOf(Wanted wanted) {
            BigDecimal price = null;
            LocalDate newest = LocalDate.MIN;
            for (LotKnown lot : of(wanted.varietyId())) {
                for (PackingRunView run : stock.get(lot.lot().id()).runs()) {
                    if (fits(run, wanted.seeds()) && !run.packedOn().isBefore(newest)) {
                        newest = run.packedOn();
                        price = run.price();
                    }
                }
            }
            return price;
        }

        /** Promises as much of a line as is missing and there is. */
        List<SeedOffers.Promise<UUID, UUID>> promise(OrderLine line, BigDecimal missing, LocalDate day) {
            SeedOffers<UUID, UUID> some = offers.computeIfAbsent(line.varietyId(), this::offersOf);
            return line.bulk() == null
                    ? some.packets(missing.intValueExact(), Optional.ofNullable(line.seeds()), day)
                    : some.bulk(missing, day);
        }

        private SeedOffers<UUID, UUID> offersOf(UUID variety) {
            return new SeedOffers<>(of(variety).stream()
                    .map(lot -> {
                        StockView of = stock.get(lot.lot().id());
                        return new SeedOffers.Lot<>(
                                lot.lot().id(),
                                lot.gate().mayBeSold(),
                                Optional.ofNullable(lot.gate().testRunsOut()),
                                of.free(),
                                of.runs().stream()
                                        .map(run -> new SeedOffers.Run<>(
                                                run.id(), Optional.ofNullable(run.seeds()), run.free()))
                                        .toList());
                    })
                    .toList());
        }
    }

    private static boolean fits(PackingRunView run, Integer seeds) {
        return seeds == null || seeds.equals(run.seeds());
    }

    private Offers offers(Collection<UUID> varietyIds) {
        return new Offers(gate.of(lots.lockOfVarieties(varietyIds)));
    }

    /** Promises what is missing of these lines. */
    private void allocate(SeedOrder order, List<OrderLine> of, Offers offers) {
        Map<UUID, BigDecimal> spoken =
                allocations
                        .findByOrderLineIdInOrderById(
                                of.stream().map(OrderLine::id).toList())
                        .stream()
                        .collect(Collectors.groupingBy(
                                Allocation::orderLineId,
                                Collectors.reducing(BigDecimal.ZERO, Allocation::much, BigDecimal::add)));
        for (OrderLine line : of) {
            BigDecimal missing = line.much().subtract(spoken.getOrDefault(line.id(), BigDecimal.ZERO));
            for (SeedOffers.Promise<UUID, UUID> promise : offers.promise(line, missing, order.wantedOn())) {
                allocations.save(new Allocation(
                        line.id(),
                        promise.lot(),
                        promise.run().orElse(null),
                        promise.run().isPresent() ? promise.packets() : null,
                        promise.run().isPresent() ? null : promise.bulk(),
                        stamps.now()));
            }
        }
        allocations.flush();
    }

    /** Looks again for what is missing: more was packed, or a test came in. */
    @GrowersWork
    @Transactional
    public OrderView allocate(UUID id) {
        SeedOrder order = lock(id);
        order.checkOpen();
        List<OrderLine> all = lines.findBySeedOrderIdInOrderById(List.of(id));
        allocate(order, all, offers(all.stream().map(OrderLine::varietyId).collect(Collectors.toSet())));
        return view(order);
    }

    @GrowersWork
    @Transactional
    public OrderView correct(UUID id, Changed made, LocalDate wantedOn, String note) {
        SeedOrder order = lock(id);
        Clash.check(order, made.from(), view(order));
        order.checkOpen();
        SeasonDates.check("wantedOn", wantedOn, order.orderedOn(), time.today().plusYears(3));
        Map<String, Object> before = order.correctable();
        order.change(wantedOn, note);
        corrections.keep("order", id, before, order.correctable(), made.because());
        List<OrderLine> all = lines.findBySeedOrderIdInOrderById(List.of(id));
        release(all);
        allocate(order, all, offers(all.stream().map(OrderLine::varietyId).collect(Collectors.toSet())));
        orders.flush();
        return view(order);
    }

    /** Nothing more is delivered; what was promised is everybody's again. */
    @GrowersWork
    @Transactional
    public OrderView cancel(UUID id, String because) {
        Range.of(3, 300, "characters").check("because", because.strip().length());
        SeedOrder order = lock(id);
        order.checkOpen();
        Map<String, Object> before = order.correctable();
        order.cancel(time.today(), because);
        corrections.keep("order", id, before, order.correctable(), because);
        release(lines.findBySeedOrderIdInOrderById(List.of(id)));
        orders.flush();
        return view(order);
    }

    private void release(List<OrderLine> of) {
        allocations.deleteAll(allocations
                .findByOrderLineIdInOrderById(of.stream().map(OrderLine::id).toList())
                .stream()
                .filter(one -> one.saleId() == null)
                .toList());
        allocations.flush();
    }

    /**
     * Delivers what is promised, or some of it.
     *
     * @param only promises that go; null for all
     */
    @GrowersWork
    @Transactional
    public OrderView deliver(UUID id, LocalDate on, String note, Set<UUID> only) {
        SeedOrder order = lock(id);
        order.checkOpen();
        List<OrderLine> all = lines.findBySeedOrderIdInOrderById(List.of(id));
        Map<UUID, OrderLine> byId = all.stream().collect(Collectors.toMap(OrderLine::id, line -> line));
        List<Allocation> promised = allocations.findByOrderLineIdInOrderById(byId.keySet());
        List<Allocation> going = promised.stream()
                .filter(one -> one.saleId() == null && (only == null || only.contains(one.id())))
                .toList();
        if (going.isEmpty()) {
            throw new Refused("only", "nothing", "order.nothingPromised", "order", order.number());
        }
        SeasonDates.check("on", on, order.orderedOn(), time.today());
        int delivery = order.deliver();
        List<SaleView> gone = stall.deliver(
                order.customerId(),
                going.stream()
                        .map(one -> new Stall.Going(
                                one.promise(),
                                new Leaving(
                                        order.kind(),
                                        on,
                                        byId.get(one.orderLineId()).price(one.much()),
                                        note,
                                        delivery)))
                        .toList());
        for (int i = 0; i < going.size(); i++) {
            going.get(i).delivered(gone.get(i).id());
        }
        allocations.flush();
        if (view(order).lines().stream().allMatch(line -> line.delivered().compareTo(line.wanted()) >= 0)) {
            order.done(on);
        }
        orders.flush();
        return view(order);
    }

    /** A delivery did not leave after all, or came back whole: it is still promised, and nothing was paid for it. */
    @GrowersWork
    @Transactional
    public OrderView takeBack(UUID id, int delivery, String because) {
        SeedOrder order = lock(id);
        if (order.cancelledOn() != null) {
            throw new Refused("number", order.number(), "order.cancelled", "order", order.number());
        }
        List<Allocation> out =
                allocations.findByOrderLineIdInOrderById(lines.findBySeedOrderIdInOrderById(List.of(id)).stream()
                        .map(OrderLine::id)
                        .toList());
        Map<UUID, SaleView> sold = sales.byIds(
                out.stream().map(Allocation::saleId).filter(Objects::nonNull).toList());
        List<Allocation> back = out.stream()
                .filter(one -> one.saleId() != null && sold.get(one.saleId()).delivery() == delivery)
                .toList();
        if (back.isEmpty()) {
            throw NotFound.of("delivery of this order").get();
        }
        LocalDate on = sold.get(back.get(0).saleId()).soldOn();
        stall.takeBack(back.stream().map(Allocation::saleId).toList(), because);
        back.forEach(one -> one.delivered(null));
        order.open();
        corrections.keep(
                "order",
                id,
                Map.of("delivery " + delivery, "of " + on),
                Map.of("delivery " + delivery, "taken back"),
                because);
        orders.flush();
        return view(order);
    }

    /** What was changed of an order, newest first. */
    @ReadsOnly
    public List<CorrectionView> corrections(UUID id) {
        return corrections.of(List.of(get(id).id()));
    }

    @EventListener
    void on(CustomerEnds ends) {
        if (orders.existsByCustomerIdAndDoneOnIsNullAndCancelledOnIsNull(ends.customerId())) {
            throw new Refused("customer", ends.name(), "order.open", "customer", ends.name());
        }
    }

    @ReadsOnly
    public OrderView get(UUID id) {
        return view(orders.findById(id).orElseThrow(NotFound.of("order")));
    }

    /** The ids of all orders, newest first. */
    @ReadsOnly
    public List<UUID> ids() {
        return orders.ids();
    }

    /** The orders with these ids, in their order. */
    @ReadsOnly
    public List<OrderView> byIds(List<UUID> ids) {
        Map<UUID, SeedOrder> found =
                orders.findAllById(ids).stream().collect(Collectors.toMap(SeedOrder::id, order -> order));
        return views(ids.stream().map(found::get).toList());
    }

    /** @param open only those that wait, the first wanted first; else all, newest first */
    @ReadsOnly
    public PageOf<OrderView> page(boolean open, int page, int size) {
        Page<SeedOrder> found = open
                ? orders.open(PageOf.request(page, size))
                : orders.findAllByOrderByOrderedOnDescIdDesc(PageOf.request(page, size));
        return PageOf.of(found, views(found.getContent()));
    }

    private SeedOrder lock(UUID id) {
        return orders.lock(id).orElseThrow(NotFound.of("order"));
    }

    private OrderView view(SeedOrder order) {
        return views(List.of(order)).get(0);
    }

    private List<OrderView> views(List<SeedOrder> of) {
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
