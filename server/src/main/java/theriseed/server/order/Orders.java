package theriseed.server.order;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.measure.Range;
import theriseed.core.season.SeasonDates;
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
import theriseed.server.stall.CustomerEnds;
import theriseed.server.stall.CustomerView;
import theriseed.server.stall.Customers;
import theriseed.server.stall.Leaving;
import theriseed.server.stall.SaleKind;
import theriseed.server.stall.SaleView;
import theriseed.server.stall.Sales;
import theriseed.server.stall.Stall;

/** Takes orders, delivers what is {@linkplain Promising promised} to them, and takes it back. */
@Service
public class Orders {
    private static final int MOST_LINES = 200;

    private final SeedOrderRepository orders;
    private final OrderLineRepository lines;
    private final AllocationRepository allocations;
    private final Customers customers;
    private final Promising promising;
    private final OrderViews views;
    private final Stall stall;
    private final Sales sales;
    private final Corrections corrections;
    private final Stamps stamps;
    private final FarmTime time;
    private final ApplicationEventPublisher events;

    Orders(
            SeedOrderRepository orders,
            OrderLineRepository lines,
            AllocationRepository allocations,
            Customers customers,
            Promising promising,
            OrderViews views,
            Stall stall,
            Sales sales,
            Corrections corrections,
            Stamps stamps,
            FarmTime time,
            ApplicationEventPublisher events) {
        this.events = events;
        this.orders = orders;
        this.lines = lines;
        this.allocations = allocations;
        this.customers = customers;
        this.promising = promising;
        this.views = views;
        this.stall = stall;
        this.sales = sales;
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
        promising.take(order, facts.lines());
        return views.of(order);
    }

    /** Looks again for what is missing: more was packed, or a test came in. */
    @GrowersWork
    @Transactional
    public OrderView allocate(UUID id) {
        SeedOrder order = lock(id);
        order.checkOpen();
        List<OrderLine> all = lines.findBySeedOrderIdInOrderById(List.of(id));
        promising.promise(order, all);
        return views.of(order);
    }

    @GrowersWork
    @Transactional
    public OrderView correct(UUID id, Changed made, LocalDate wantedOn, String note) {
        SeedOrder order = lock(id);
        Clash.check(order, made.from(), views.of(order));
        order.checkOpen();
        SeasonDates.check("wantedOn", wantedOn, order.orderedOn(), time.today().plusYears(3));
        Map<String, Object> before = order.correctable();
        order.change(wantedOn, note);
        corrections.keep("order", id, before, order.correctable(), made.because());
        List<OrderLine> all = lines.findBySeedOrderIdInOrderById(List.of(id));
        promising.release(all);
        promising.promise(order, all);
        orders.flush();
        return views.of(order);
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
        promising.release(lines.findBySeedOrderIdInOrderById(List.of(id)));
        orders.flush();
        return views.of(order);
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
        if (views.of(order).lines().stream().allMatch(line -> line.delivered().compareTo(line.wanted()) >= 0)) {
            order.done(on);
        }
        orders.flush();
        return views.of(order);
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
        events.publishEvent(new DeliveryTakenBack(id, delivery));
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
        return views.of(order);
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
        return views.of(orders.findById(id).orElseThrow(NotFound.of("order")));
    }

    /** All that wait, the first wanted first. */
    @ReadsOnly
    public List<OrderView> waiting() {
        return views.of(orders.open(Pageable.unpaged()).getContent());
    }

    /** What an order is called, and whose it is. */
    public record Heading(String number, String customer) {}

    /** The headings of these orders, by id. */
    @ReadsOnly
    public Map<UUID, Heading> headings(Collection<UUID> ids) {
        List<SeedOrder> found = orders.findAllById(ids);
        Map<UUID, CustomerView> who =
                customers.byIds(found.stream().map(SeedOrder::customerId).collect(Collectors.toSet()));
        return found.stream()
                .collect(Collectors.toMap(
                        SeedOrder::id,
                        order -> new Heading(
                                order.number(), who.get(order.customerId()).name())));
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
        return views.of(ids.stream().map(found::get).toList());
    }

    /** @param open only those that wait, the first wanted first; else all, newest first */
    @ReadsOnly
    public PageOf<OrderView> page(boolean open, int page, int size) {
        Page<SeedOrder> found = open
                ? orders.open(PageOf.request(page, size))
                : orders.findAllByOrderByOrderedOnDescIdDesc(PageOf.request(page, size));
        return PageOf.of(found, views.of(found.getContent()));
    }

    private SeedOrder lock(UUID id) {
        return orders.lock(id).orElseThrow(NotFound.of("order"));
    }
}
